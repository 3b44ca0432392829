import { Segmented } from '../../ui/Segmented.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { schools, schoolOf, useBesideOptions, type Beside, type School } from './use-beside.ts';

interface BesideBarProps {
  readonly beside: Beside;
  readonly onBeside: (beside: Beside) => void;
}

/** By which school the ticket is drafted, and what to lay behind it: the other school, or the ticket as it once was. */
export function BesideBar({ beside, onBeside }: BesideBarProps) {
  const { ticket, actions, attempt } = useTicketContext();
  const { school, steps } = useBesideOptions(ticket);
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Segmented
        label="Drafted by"
        value={schoolOf(ticket)}
        onChange={(next) =>
          attempt(actions.put('rules', { rules: { 'school.block': next } }), 'The school was not changed.')
        }
        options={(Object.keys(schools) as School[]).map((value) => ({ value, word: schools[value] }))}
      />
      <label className="flex min-w-0 items-center gap-2 text-sm">
        <span className="text-walnut-2">beside</span>
        <select
          value={beside}
          onChange={(event) => onBeside(event.target.value as Beside)}
          className="min-h-9 min-w-0 max-w-64 rounded-soft border border-linen-3 bg-white px-2 font-semibold"
        >
          <option value="nothing">nothing</option>
          <option value={school.value}>{school.words}</option>
          {steps.length > 0 && (
            <optgroup label="As it was after">
              {steps.map(({ value, words }) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </optgroup>
          )}
        </select>
      </label>
    </div>
  );
}
