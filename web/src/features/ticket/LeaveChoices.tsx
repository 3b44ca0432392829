import { useBlocker } from 'react-router';
import { Question } from '../../ui/Question.tsx';
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
    <Question
      title="Agree what was changed?"
      yes="Agree and go on"
      no="Stay here"
      instead={{ words: 'Discard changes', act: discard }}
      onAnswer={(yes) => (yes ? void agree() : blocker.reset())}
    >
      <p>Choices were changed here and are not agreed yet. Figures, draft and cloth go by what is agreed.</p>
    </Question>
  );
}
