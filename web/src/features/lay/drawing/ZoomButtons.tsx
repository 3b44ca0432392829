import { Maximize, Minus, Plus, type LucideIcon } from 'lucide-react';
import { iconButtonClass } from '../../../ui/IconButton.tsx';
import type { Zoom } from './use-zoom.ts';

interface ZoomButtonProps {
  readonly Icon: LucideIcon;
  readonly words: string;
  readonly onPress: () => void;
}

const ZoomButton = ({ Icon, words, onPress }: ZoomButtonProps) => (
  <button type="button" aria-label={words} title={words} onClick={onPress} className={iconButtonClass}>
    <Icon size={16} aria-hidden />
  </button>
);

/** Nearer, farther, and the whole cloth. */
export const ZoomButtons = ({ zoom }: { readonly zoom: Zoom }) => (
  <div role="group" aria-label="How near" className="absolute top-16 right-0 flex gap-1">
    {zoom.zoom > 1 && (
      <>
        <ZoomButton Icon={Maximize} words="The whole cloth" onPress={zoom.whole} />
        <ZoomButton Icon={Minus} words="Look from farther" onPress={zoom.farther} />
      </>
    )}
    <ZoomButton Icon={Plus} words="Look nearer" onPress={zoom.nearer} />
  </div>
);
