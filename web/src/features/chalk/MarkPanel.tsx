import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Unit } from '@ample-bolt/core/units/length';
import { cautions } from '@ample-bolt/core/words/cautions';
import { markWords } from '@ample-bolt/core/words/mark-words';
import { CurveTable } from './CurveTable.tsx';

/** What to do, in words and in figures to be read from two metres. */
export function MarkPanel({ mark, unit }: { readonly mark: Mark; readonly unit: Unit }) {
  const words = markWords(mark, unit, 'typeset');
  const [main, ...others] = words.figures;
  return (
    <>
      <h1 className="text-4xl max-md:text-2xl">{words.title}</h1>
      {main && (
        <p className="mt-4 flex flex-wrap items-baseline gap-x-3 max-md:mt-1">
          <span
            className={`leading-none font-bold whitespace-nowrap ${mark.kind === 'curve' ? 'text-6xl' : 'text-[clamp(56px,8vw,104px)]'}`}
          >
            {main.value}
          </span>
          <span className="text-3xl whitespace-nowrap">
            {unit} {main.word}
          </span>
        </p>
      )}
      {others.map(({ value, word }) => (
        <p key={word} className="mt-2 flex items-baseline gap-3">
          <span className="text-6xl leading-none font-bold text-chalk-now max-md:text-5xl">{value}</span>
          <span className="text-2xl">
            {unit} {word}
          </span>
        </p>
      ))}
      <p className="mt-5 text-xl leading-snug text-chalk-soft max-md:mt-2 max-md:text-lg">{words.text}</p>
      {mark.kind === 'place' && <p className="mt-4 text-lg text-chalk-soft">{cautions.chalking.join(' ')}</p>}
      {mark.kind === 'curve' && !mark.swing && <CurveTable mark={mark} unit={unit} />}
    </>
  );
}
