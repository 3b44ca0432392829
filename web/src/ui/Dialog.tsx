import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { useOpener } from './use-opener.ts';

interface DialogProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly wide?: boolean;
}

/** A field with its list open: Escape puts that away first. */
const isListOpen = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.getAttribute('aria-expanded') === 'true';

/** A sheet laid over the page; Escape and the ground around it put it away. */
export function Dialog({ title, open, onClose, children, wide = false }: DialogProps) {
  const giveBack = useOpener(open);
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-20 bg-table/55" />
        <Radix.Content
          aria-describedby={undefined}
          onCloseAutoFocus={giveBack}
          onEscapeKeyDown={(event) => isListOpen(event.target) && event.preventDefault()}
          className={`fixed top-[10vh] left-1/2 z-30 flex max-h-[80vh] w-[92vw] -translate-x-1/2 flex-col rounded-soft border border-walnut bg-chalk ${wide ? 'max-w-6xl' : 'max-w-xl'}`}
        >
          <div className="flex items-center gap-4 border-b border-linen-2 px-6 py-3">
            <Radix.Title className="grow text-2xl">{title}</Radix.Title>
            <Radix.Close
              aria-label="Close"
              className="grid size-11 place-items-center rounded-soft hover:bg-linen-1"
            >
              <X size={20} aria-hidden />
            </Radix.Close>
          </div>
          <div className="min-h-0 overflow-auto px-6 py-4">{children}</div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
