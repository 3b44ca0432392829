import type { Coverage } from '@ample-bolt/core/checks/coverage';
import { isMet, type Round } from '@ample-bolt/core/checks/rounds';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { girthName } from '@ample-bolt/core/words/girth-name';
import { capital } from '@ample-bolt/core/text/capital';

/** The longest bar stands for this much ease, mm. */
const FULL = 100;
const part = (mm: number): string => `${Math.min(100, Math.max(0, (mm / FULL) * 100))}%`;

interface EaseStripProps {
  readonly rounds: readonly Round[];
  readonly coverage: readonly Coverage[];
  readonly unit: Unit;
  /** Where the ease can be chosen, inside a card of its own. */
  readonly onChange?: () => void;
}

/** Finished ease at each level against what is wanted, and how far the neck stays above the bust line; all measured on the pieces. */
export const EaseStrip = ({ rounds, coverage, unit, onChange }: EaseStripProps) => (
  <section className={`bg-white px-4 py-3 ${onChange ? '' : 'rounded-soft border border-linen-2'}`}>
    <div className="flex items-baseline justify-between pb-1">
      <h2 className="font-text text-[13px] font-semibold tracking-normal text-walnut-2">Ease, finished</h2>
      {onChange && (
        <button
          type="button"
          aria-label="Change the ease"
          onClick={onChange}
          className="min-h-7 text-sm max-lg:min-h-11 max-lg:min-w-16 font-semibold text-indigo"
        >
          Change
        </button>
      )}
    </div>
    {rounds.map((round) => (
      <EaseRow key={round.level} round={round} unit={unit} />
    ))}
    {coverage.map(({ piece, face, edge, aboveBust }) => (
      <p
        key={piece}
        className="flex justify-between gap-2 border-t border-linen-2 py-1 text-sm first-of-type:mt-1"
      >
        <span>
          {edge} {face}, {aboveBust < 0 ? 'below' : 'above'} bust line
        </span>
        <strong>{formatNumber(Math.abs(aboveBust), unit, { style: 'typeset' })}</strong>
      </p>
    ))}
  </section>
);

function EaseRow({ round, unit }: { readonly round: Round; readonly unit: Unit }) {
  const { ease, wantedEase, finished, held } = round;
  const right = isMet(round);
  const number = (mm: number) => formatNumber(Math.abs(mm), unit, { style: 'typeset' });
  return (
    <p
      className="grid grid-cols-[76px_1fr_auto] items-center gap-2 py-1 text-sm"
      title={`Finished ${formatNumber(finished, unit)} ${unit}; ${held === 'at-least' ? 'least' : 'wanted'} ease ${number(wantedEase)} ${unit}`}
    >
      <span>{capital(girthName(round))}</span>
      <span className="relative h-2.5 rounded-[2px] bg-linen-2">
        <span
          className={`block h-full rounded-[2px] ${right ? 'bg-woad' : 'bg-madder'}`}
          style={{ width: part(ease) }}
        />
        <span className="absolute -inset-y-1 w-0.5 bg-walnut" style={{ left: part(wantedEase) }} />
      </span>
      <strong className={right ? '' : 'text-madder'}>
        {ease < 0 ? '−' : '+'}
        {number(ease)}
        {!right && <span className="font-normal"> of {number(wantedEase)}</span>}
      </strong>
    </p>
  );
}
