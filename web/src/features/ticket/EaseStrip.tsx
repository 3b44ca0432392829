import type { Round } from '@ample-bolt/core/checks/rounds';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { levelName } from '@ample-bolt/core/words/names';

/** The longest bar stands for this much ease, mm. */
const FULL = 100;

/** Finished ease at each level, measured on the pieces. */
export const EaseStrip = ({ rounds, unit }: { readonly rounds: readonly Round[]; readonly unit: Unit }) => (
  <section className="rounded-soft border border-linen-2 bg-white px-4 py-3">
    <h2 className="pb-1 font-text text-[13px] font-semibold tracking-normal text-walnut-2">Ease, finished</h2>
    {rounds.map(({ level, ease, finished }) => (
      <p
        key={level}
        className="grid grid-cols-[64px_1fr_auto] items-center gap-2 py-1 text-sm"
        title={`Finished ${formatNumber(finished, unit)} ${unit}`}
      >
        <span className="capitalize">
          {level === 'bust' ? 'bust' : level === 'hip' ? 'hip' : levelName[level]}
        </span>
        <span className="h-2.5 rounded-[2px] bg-linen-2">
          <span
            className="block h-full rounded-[2px] bg-woad"
            style={{ width: `${Math.min(100, Math.max(0, (ease / FULL) * 100))}%` }}
          />
        </span>
        <strong>+{formatNumber(ease, unit, { style: 'typeset' })}</strong>
      </p>
    ))}
  </section>
);
