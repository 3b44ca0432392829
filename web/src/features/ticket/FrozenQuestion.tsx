import { pieceName } from '@ample-bolt/core/words/names';
import type { ApiProblem } from '../../api/fetcher.ts';
import { Question } from '../../ui/Question.tsx';

interface Touched {
  readonly piece: string;
  readonly chalked: number;
  readonly cut: boolean;
}

/** A change that would redraw chalked or cut pieces: which, how far, and the choice to leave them as they are. */
export function FrozenQuestion({
  problem,
  onAnswer,
}: {
  readonly problem: ApiProblem;
  readonly onAnswer: (release: boolean) => void;
}) {
  const touched = (problem.body['touched'] ?? []) as readonly Touched[];
  return (
    <Question
      title="These pieces are under the chalk"
      yes="Draw them anew"
      no="Leave them as they are"
      onAnswer={onAnswer}
    >
      <p>The change would draw them differently from what is on the cloth:</p>
      <ul className="flex flex-col gap-1 text-base">
        {touched.map(({ piece, chalked, cut }) => (
          <li key={piece} className="flex justify-between gap-4 border-t border-linen-2 pt-1">
            <strong>{pieceName(piece)}</strong>
            <span className={cut ? 'font-semibold text-madder' : 'text-walnut-2'}>
              {cut ? 'already cut' : chalked === 1 ? '1 mark chalked' : `${chalked} marks chalked`}
            </span>
          </li>
        ))}
      </ul>
      <p className="text-base text-walnut-2">
        Drawn anew, they must be laid and chalked again; a piece that is cut needs cloth for another. The
        other pieces keep their chalk.
      </p>
    </Question>
  );
}
