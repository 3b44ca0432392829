import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { buttonClass } from './Button.tsx';
import { useOpener } from './use-opener.ts';

interface QuestionProps {
  readonly title: string;
  readonly children: ReactNode;
  /** What doing it is called, and what leaving it is. */
  readonly yes: string;
  readonly no: string;
  readonly onAnswer: (yes: boolean) => void;
}

/** Asks before something that cannot simply be taken back; Escape and the first button leave all as it is. */
export function Question({ title, children, yes, no, onAnswer }: QuestionProps) {
  const giveBack = useOpener(true);
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && onAnswer(false)}>
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
          <div className="mt-6 flex justify-end gap-3">
            <AlertDialog.Cancel className={`${buttonClass('act')} min-h-11`}>{no}</AlertDialog.Cancel>
            <AlertDialog.Action onClick={() => onAnswer(true)} className={`${buttonClass('quiet')} min-h-11`}>
              {yes}
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
