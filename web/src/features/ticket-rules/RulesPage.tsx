import type { Figure } from '@ample-bolt/core/drafting/draft';
import {
  ruleOf,
  ruleSet,
  rulesThatDiffer,
  type RuleId,
  type RuleSet,
} from '@ample-bolt/core/rules/catalogue';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { pieceName } from '@ample-bolt/core/words/names';
import { ruleValueWords } from '@ample-bolt/core/words/rule-words';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useHouseRules } from '../../api/house.ts';
import { Button } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { SearchField } from '../../ui/SearchField.tsx';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';
import { RuleTable } from '../house/RuleTable.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** The rules that this ticket is drafted by, beside the house's of today. */
export function RulesPage() {
  const { ticket, actions } = useTicketContext();
  const { today, error, again } = useHouseRules();
  const [search] = useSearchParams();
  const [sought, setSought] = useState(search.get('rule') ?? '');
  if (error && !today) return <Failed error={error} again={again} />;
  if (!today) return <Waiting what="the house rules" />;
  const own = ruleSet(ticket.rules);
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_380px] gap-4 max-lg:flex max-lg:h-auto max-lg:flex-col">
      <section className="flex min-h-0 flex-col rounded-soft border border-linen-2 bg-white">
        <header className="flex items-center gap-4 border-b border-linen-2 px-5 py-2.5">
          <h2 className="grow text-xl">Rules of this ticket</h2>
          <SearchField label="Find a rule" value={sought} onChange={setSought} className="w-44" />
        </header>
        <div className="min-h-0 overflow-auto">
          <RuleTable
            keptAs={`ticket-rules-${ticket.id}`}
            rules={own}
            base={today}
            baseWords="as the house does today"
            unit={ticket.unit}
            sought={sought}
            onSet={(id, text) => actions.put('rules', { rules: { [id]: text } }).then(() => undefined)}
          />
        </div>
      </section>
      <Today own={own} today={today} />
    </div>
  );
}

/** What drafting by today's rules would change, before anything is changed. */
function Today({ own, today }: { readonly own: RuleSet; readonly today: RuleSet }) {
  const { ticket, actions, drafted, attempt } = useTicketContext();
  const { unit } = ticket;
  const differing = rulesThatDiffer(own, today);
  const preview = useDrafted(asPreview(ticket, { rules: today }));
  if (differing.length === 0)
    return (
      <Card title="Today’s house rules">
        <p className="px-5 py-4 text-walnut-2">
          This ticket is drafted by the rules as the house has them today.
        </p>
      </Card>
    );
  const take = (ids: readonly RuleId[]) =>
    attempt(
      actions.put('rules', { rules: Object.fromEntries(ids.map((id) => [id, null])) }),
      'The rules were not taken.',
    );
  const changed = figuresThatChange(drafted?.draft.figures ?? [], preview.drafted?.draft.figures ?? []);
  return (
    <Card title="Today’s house rules would change" className="flex min-h-0 flex-col">
      <ul className="shrink-0 px-5 py-2">
        {differing.map((id) => (
          <li key={id} className="flex items-center gap-3 border-t border-linen-2 py-1.5 first:border-t-0">
            <span className="grow text-sm">
              <strong className="block text-base">{ruleOf(id).label}</strong>
              {ruleValueWords(id, own[id], unit)} → {ruleValueWords(id, today[id], unit)}
            </span>
            {differing.length > 1 && (
              <Button look="quiet" onClick={() => take([id])} aria-label={`Take ${ruleOf(id).label}`}>
                Take
              </Button>
            )}
          </li>
        ))}
      </ul>
      <div className="min-h-0 overflow-auto border-t border-linen-2 px-5 py-2">
        {!drafted ? (
          <p className="py-2 text-walnut-2">Measured first, the figures that would move are listed here.</p>
        ) : (
          <>
            <p className="py-1 text-sm font-semibold text-walnut-2">
              {changed.length === 0
                ? 'No figure would move.'
                : changed.length === 1
                  ? 'One figure would move'
                  : `${changed.length} figures would move`}
            </p>
            <ul>
              {changed.map(({ before, after }) => (
                <FigureChange key={before.id} before={before} after={after} unit={unit} />
              ))}
            </ul>
          </>
        )}
      </div>
      <div className="shrink-0 border-t border-linen-2 p-4">
        <Button className="min-h-11 w-full" onClick={() => take(differing)}>
          Draft by today’s rules
        </Button>
      </div>
    </Card>
  );
}

const FigureChange = ({
  before,
  after,
  unit,
}: {
  readonly before: Figure;
  readonly after: Figure | undefined;
  readonly unit: Unit;
}) => (
  <li className="flex items-baseline gap-3 border-t border-linen-2 py-1 text-sm first:border-t-0">
    <span className="grow">
      {pieceName(before.id.split('/')[0] ?? '')}, {before.label.toLowerCase()}
    </span>
    <span className="font-semibold whitespace-nowrap">
      {formatLength(before.mm, unit, { style: 'typeset' })} →{' '}
      {after ? formatLength(after.mm, unit, { style: 'typeset' }) : 'gone'}
    </span>
  </li>
);

/** Less than this is not seen on the tape, mm. */
const SEEN = 0.5;

/** Figures that another draft gives otherwise, in the order of the sheet. */
function figuresThatChange(before: readonly Figure[], after: readonly Figure[]) {
  if (after.length === 0) return [];
  return before
    .map((figure) => ({ before: figure, after: after.find(({ id }) => id === figure.id) }))
    .filter((pair) => !pair.after || Math.abs(pair.after.mm - pair.before.mm) > SEEN);
}
