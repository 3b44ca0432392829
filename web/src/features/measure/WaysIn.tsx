import { House, Ruler, Shirt, type LucideIcon } from 'lucide-react';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import type { Tape, TapeState } from './use-tape.ts';

const AtHome = lazy(() => import('../at-home/AtHome.tsx').then(({ AtHome: page }) => ({ default: page })));

const tapeWords: { readonly [state in TapeState]: string } = {
  off: 'Digital tape',
  connecting: 'Tape: looking for it',
  listening: 'Tape: listening',
};

/** Other ways in which a measure comes: a digital tape, a garment that fits, the client at home. */
export function WaysIn({ tape }: { readonly tape: Tape }) {
  const [atHome, setAtHome] = useState(false);
  return (
    <section aria-label="Other ways in" className="flex flex-wrap items-center gap-2">
      <Way Icon={Ruler} pressed={tape.state !== 'off'} onPress={tape.toggle}>
        {tapeWords[tape.state]}
      </Way>
      {tape.state !== 'off' && (
        <a
          href={paths.tape}
          target="_blank"
          rel="noreferrer"
          className="px-1 text-sm font-semibold text-indigo underline"
        >
          open the simulated one
        </a>
      )}
      <Link to="?of=garment" className={way}>
        <Shirt size={16} aria-hidden />A garment that fits
      </Link>
      <Way Icon={House} onPress={() => setAtHome(true)}>
        At home
      </Way>
      <Dialog title="Measured at home" open={atHome} onClose={() => setAtHome(false)}>
        <Suspense fallback={null}>
          <AtHome />
        </Suspense>
      </Dialog>
    </section>
  );
}

const way =
  'flex min-h-9 items-center gap-2 rounded-soft border border-linen-3 bg-white px-3 text-sm font-semibold hover:bg-linen-1 aria-pressed:border-woad aria-pressed:bg-woad-1 aria-pressed:text-woad max-md:min-h-11';

interface WayProps {
  readonly Icon: LucideIcon;
  readonly onPress: () => void;
  readonly children: ReactNode;
  readonly pressed?: boolean;
}

const Way = ({ Icon, onPress, children, pressed }: WayProps) => (
  <button type="button" aria-pressed={pressed} onClick={onPress} className={way}>
    <Icon size={16} aria-hidden />
    {children}
  </button>
);
