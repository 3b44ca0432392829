import { AlertDialog } from 'radix-ui';
import { useBlocker } from 'react-router';
import { Button } from '../../ui/Button.tsx';
import type { ChoiceEntry } from './use-choice-entry.ts';

/** Asks on the way to another page what becomes of choices that are typed or dragged and not agreed: other pages do not know them. */
export function LeaveChoices({ entry }: { readonly entry: ChoiceEntry }) {
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      entry.changed && currentLocation.pathname !== nextLocation.pathname,
  );
  if (blocker.state !== 'blocked') return null;
  const agree = async () => {
    if (await entry.agree()) blocker.proceed();
    else blocker.reset();
  };
  const discard = () => {
    entry.leave();
    blocker.proceed();
  };
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && blocker.reset()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-table/55" />
        <AlertDialog.Content className="fixed top-[16vh] left-1/2 z-50 w-[92vw] max-w-lg -translate-x-1/2 rounded-soft border border-walnut bg-chalk px-7 py-6">
          <AlertDialog.Title className="text-2xl">Agree what was changed?</AlertDialog.Title>
          <AlertDialog.Description className="mt-2 text-lg leading-snug">
            Choices were changed here and are not agreed yet. Figures, draft and cloth go by what is agreed.
          </AlertDialog.Description>
          <div className="mt-6 flex flex-wrap justify-end gap-3">
            <AlertDialog.Cancel asChild>
              <Button look="quiet" className="min-h-11">
                Stay here
              </Button>
            </AlertDialog.Cancel>
            <Button look="quiet" className="min-h-11" onClick={discard}>
              Discard changes
            </Button>
            <Button className="min-h-11" onClick={() => void agree()}>
              Agree and go on
            </Button>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
