import type { Finding, Remedy } from '@ample-bolt/core/checks/finding';
import type { Unit } from '@ample-bolt/core/units/length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { Notice } from '../../ui/Notice.tsx';
import { useTicketContext } from './ticket-context.ts';

/** Where a remedy is carried out. */
const stationFor = (remedy: Remedy): 'measure' | 'style' | 'lay' => {
  switch (remedy.kind) {
    case 'measure-again':
      return 'measure';
    case 'set-choice':
      return 'style';
    case 'add-cloth':
      return 'lay';
  }
};

const remedyVerb: Readonly<Record<'measure' | 'style' | 'lay', string>> = {
  measure: 'Measure',
  style: 'Change',
  lay: 'Add',
};

export function FindingList({
  findings,
  unit,
}: {
  readonly findings: readonly Finding[];
  readonly unit: Unit;
}) {
  const { goTo } = useTicketContext();
  return (
    <ul className="flex flex-col gap-2">
      {findings.map((finding, index) => {
        const { message, remedy } = findingWords(finding, unit);
        const station = finding.remedy && stationFor(finding.remedy);
        return (
          <li key={`${finding.code}-${index}`}>
            <Notice
              tone={finding.severity}
              action={
                station && (
                  <button
                    type="button"
                    onClick={() => goTo(station)}
                    className="min-h-8 shrink-0 rounded-soft border border-current bg-white px-3 text-sm font-semibold text-walnut"
                  >
                    {remedyVerb[station]}
                  </button>
                )
              }
            >
              <p className="text-[15px] leading-snug font-semibold">{message}</p>
              {remedy && <p className="text-sm text-walnut-2">{remedy}</p>}
            </Notice>
          </li>
        );
      })}
    </ul>
  );
}
