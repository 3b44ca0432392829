import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { MeasureValues } from '@ample-bolt/core/measures/measure-set';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import type { AskedMeasure } from './measures-asked.ts';

interface MeasureListProps {
  readonly asked: readonly AskedMeasure[];
  readonly values: MeasureValues;
  readonly faulty: (id: MeasureId) => boolean;
  readonly unit: Unit;
  readonly current: MeasureId;
  readonly onChoose: (id: MeasureId) => void;
}

/** The whole set in taking order, with what is still open. */
export function MeasureList({ asked, values, faulty, unit, current, onChoose }: MeasureListProps) {
  const groups = [...new Set(asked.map(({ group }) => group))];
  return (
    <nav
      aria-label="Measures"
      className="min-h-0 overflow-auto rounded-soft border border-linen-2 bg-white py-2"
    >
      {groups.map((group) => (
        <section key={group} className="border-t border-linen-2 py-2 first:border-t-0">
          <h2 className="px-4 pb-1 font-text text-[13px] font-semibold tracking-normal text-walnut-2">
            {group}
          </h2>
          <ul>
            {asked
              .filter((measure) => measure.group === group)
              .map(({ id, need }) => (
                <li key={id}>
                  <button
                    type="button"
                    aria-current={id === current}
                    onClick={() => onChoose(id)}
                    className="flex min-h-8 w-full items-center gap-2 border-l-3 max-md:min-h-11 border-transparent px-4 text-left hover:bg-linen-1 aria-[current=true]:border-indigo aria-[current=true]:bg-indigo-1 aria-[current=true]:font-semibold"
                  >
                    <span className="grow truncate">{measureOf(id).names[0]}</span>
                    <MeasureValue mm={values[id]} unit={unit} need={need} faulty={faulty(id)} />
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </nav>
  );
}

function MeasureValue({
  mm,
  unit,
  need,
  faulty,
}: {
  readonly mm: number | undefined;
  readonly unit: Unit;
  readonly need: AskedMeasure['need'];
  readonly faulty: boolean;
}) {
  if (faulty) return <span className="text-sm font-semibold text-madder">look again</span>;
  if (mm !== undefined)
    return (
      <span className="font-semibold">{formatNumber(mm, unit, { denominator: 16, style: 'typeset' })}</span>
    );
  return (
    <span className={`text-sm ${need === 'required' ? 'text-weld' : 'text-walnut-2'}`}>
      {need === 'required' ? 'to take' : need === 'derived' ? 'worked out' : 'optional'}
    </span>
  );
}
