import { AlertDialog } from 'radix-ui';
import { useRef, type ReactNode } from 'react';
import { buttonClass } from './Button.tsx';
import { useOpener } from './use-opener.ts';

interface QuestionProps {
  readonly title: string;
  readonly children: ReactNode;
  /** What doing it is called, and what leaving it is. */
  readonly yes: string;
  readonly no: string;
  /** Told once. */
  readonly onAnswer: (yes: boolean) => void;
  /** A third way, between doing it and leaving it. */
  readonly instead?: { readonly words: string; readonly act: () => void };
}

/** Asks before something that cannot simply be taken back; Escape and the first button leave all as it is. */
export function Question({ title, children, yes, no, onAnswer, instead }: QuestionProps) {
  const giveBack = useOpener(true);
  // Every answer closes the question, and closing it by Escape is an answer too.
  const answered = useRef(false);
  const once = (act: () => void) => () => {
    if (answered.current) return;
    answered.current = true;
    act();
  };
  return (
    <AlertDialog.Root open onOpenChange={once(() => onAnswer(false))}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-table/55" />
        <AlertDialog.Content
          onCloseAutoFocus={giveBack}
          className="fixed top-[16vh] left-1/2 z-50 w-[92vw] max-w-lg -translate-x-1/2 rounded-soft border border-walnut bg-chalk px-7 py-6"
        >
          <AlertDialog.Title className="text-2xl">{title}</AlertDialog.Title>
          <AlertDialog.Description asChild>
            <div className="mt-2 flex flex-col gap-2 text-lg leading-snug">{children}</div>
          </AlertDialog.Description>
          <div className="mt-6 flex flex-wrap justify-end gap-3">
            <AlertDialog.Cancel className={`${buttonClass('act')} min-h-11`}>{no}</AlertDialog.Cancel>
            {instead && (
              <AlertDialog.Action onClick={once(instead.act)} className={`${buttonClass('quiet')} min-h-11`}>
                {instead.words}
              </AlertDialog.Action>
            )}
            <AlertDialog.Action
              onClick={once(() => onAnswer(true))}
              className={`${buttonClass('quiet')} min-h-11`}
            >
              {yes}
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
