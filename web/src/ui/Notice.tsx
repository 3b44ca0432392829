import { CircleAlert, CircleCheck, Info, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

export type Tone = 'stop' | 'care' | 'note' | 'done';

const tones = {
  stop: { look: 'bg-madder-1 text-madder', Icon: CircleAlert, word: 'Stop' },
  care: { look: 'bg-weld-1 text-weld', Icon: TriangleAlert, word: 'Take care' },
  note: { look: 'bg-linen-1 text-walnut-2', Icon: Info, word: 'Note' },
  done: { look: 'bg-woad-1 text-woad', Icon: CircleCheck, word: 'Done' },
} as const;

/** A coloured strip with its icon and word, so that the colour never speaks alone. */
export function Notice({
  tone,
  children,
  action,
}: {
  readonly tone: Tone;
  readonly children: ReactNode;
  readonly action?: ReactNode;
}) {
  const { look, Icon, word } = tones[tone];
  return (
    <div
      className={`flex items-start gap-3 rounded-soft px-4 py-3 ${look}`}
      role={tone === 'stop' ? 'alert' : undefined}
    >
      <Icon size={20} className="mt-0.5 shrink-0" aria-label={word} />
      <div className="min-w-0 grow text-walnut">{children}</div>
      {action}
    </div>
  );
}
