import {
  ruleIds,
  ruleOf,
  type MethodRule,
  type Rule,
  type RuleId,
  type RuleSet,
} from '@ample-bolt/core/rules/catalogue';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { familyOf, ruleFamilies, ruleValueWords } from '@ample-bolt/core/words/rule-words';
import { useState } from 'react';
import { useKept } from '../../ui/use-kept.ts';

interface RuleTableProps {
  /** Under which name what is typed and not stored survives a reload. */
  readonly keptAs: string;
  readonly rules: RuleSet;
  /** What each rule goes back to, and what that is called. */
  readonly base: RuleSet;
  readonly baseWords: string;
  readonly unit: Unit;
  /** Only rules whose label, reason or id has this text. */
  readonly sought: string;
  readonly onSet: (id: RuleId, text: string | null) => Promise<void>;
}

const matches = (id: RuleId, sought: string): boolean => {
  const { label, reason } = ruleOf(id);
  return `${id} ${label} ${reason}`.toLowerCase().includes(sought.trim().toLowerCase());
};

/** House rules by family: value, unit, what it would go back to, and the reason. */
export function RuleTable({ sought, ...props }: RuleTableProps) {
  const found = ruleIds.filter((id) => matches(id, sought));
  const families = Object.entries(ruleFamilies).filter(([family]) =>
    found.some((id) => familyOf(id) === family),
  );
  if (found.length === 0) return <p className="p-6 text-walnut-2">No rule is called “{sought}”.</p>;
  return (
    <>
      {families.map(([family, name]) => (
        <section key={family} className="border-t border-linen-2 px-5 py-3 first:border-t-0">
          <h2 className="text-lg">{name}</h2>
          <ul>
            {found
              .filter((id) => familyOf(id) === family)
              .map((id) => (
                <RuleRow key={id} id={id} {...props} />
              ))}
          </ul>
        </section>
      ))}
    </>
  );
}

const same = (a: RuleSet[RuleId], b: RuleSet[RuleId]): boolean =>
  typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) < 1e-6 : a === b;

function RuleRow({
  id,
  keptAs,
  rules,
  base,
  baseWords,
  unit,
  onSet,
}: Omit<RuleTableProps, 'sought'> & { readonly id: RuleId }) {
  const rule = ruleOf(id);
  const [fault, setFault] = useState<string>();
  /** Resolves to whether it was stored. */
  const set = (text: string | null) =>
    onSet(id, text)
      .then(() => {
        setFault(undefined);
        return true;
      })
      .catch((error: unknown) => {
        setFault(error instanceof Error ? error.message : 'Not stored; try again.');
        return false;
      });
  const own = !same(rules[id], base[id]);
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_190px_200px] items-start gap-4 border-t border-linen-2 py-2 first:border-t-0 max-lg:grid-cols-[minmax(0,1fr)_180px] max-md:grid-cols-1 max-md:gap-2">
      <span>
        <span className="font-semibold">{rule.label}</span>
        <span
          id={`${id}-says`}
          className={`block text-sm ${fault ? 'font-semibold text-madder' : 'text-walnut-2'}`}
        >
          {fault ?? rule.reason}
        </span>
      </span>
      {rule.kind === 'method' ? (
        <MethodField id={id} rule={rule} value={String(rules[id])} onSet={set} />
      ) : (
        <NumberField
          id={id}
          keptAs={keptAs}
          value={Number(rules[id])}
          unit={unit}
          fault={fault}
          onSet={set}
        />
      )}
      <span className="text-sm max-lg:col-span-full">
        {own ? (
          <button
            type="button"
            onClick={() => void set(null)}
            className="min-h-9 rounded-soft border border-linen-3 bg-white px-3 text-left hover:bg-linen-1"
          >
            Back to {baseWords}, <strong>{ruleValueWords(id, base[id], unit)}</strong>
          </button>
        ) : (
          <span className="text-walnut-2">{baseWords}</span>
        )}
      </span>
    </li>
  );
}

interface FieldProps {
  readonly id: RuleId;
  readonly onSet: (text: string) => Promise<boolean>;
}

const MethodField = ({
  id,
  rule,
  value,
  onSet,
}: FieldProps & { readonly rule: MethodRule; readonly value: string }) => (
  <select
    aria-label={rule.label}
    aria-describedby={`${id}-says`}
    value={value}
    onChange={(event) => void onSet(event.target.value)}
    className="min-h-9 max-w-full min-w-0 rounded-soft border border-linen-3 bg-white px-2"
  >
    {Object.entries(rule.methods).map(([method, words]) => (
      <option key={method} value={method}>
        {words}
      </option>
    ))}
  </select>
);

function numberUnit(kind: Rule['kind'], unit: Unit): string {
  switch (kind) {
    case 'length':
      return unit;
    case 'percent':
      return '%';
    case 'days':
      return 'days';
    case 'minutes':
      return 'min';
    case 'ratio':
    case 'method':
      return 'parts';
  }
}

interface NumberFieldProps extends FieldProps {
  readonly keptAs: string;
  readonly value: number;
  readonly unit: Unit;
  readonly fault: string | undefined;
}

/** Stored when it is left or Enter is pressed. */
function NumberField({ id, keptAs, value, unit, fault, onSet }: NumberFieldProps) {
  const { kind, label } = ruleOf(id);
  const [typed, keep] = useKept<string>(`${keptAs}-${id}-${unit}`);
  const shown =
    kind === 'length'
      ? formatNumber(value, unit, { denominator: 16, decimals: 2 })
      : String(Math.round(value * 1000) / 1000);
  const store = () => {
    if (typed === undefined) return;
    if (typed.trim() === shown) keep(() => undefined);
    else void onSet(typed).then((stored) => keep((held) => (stored && held === typed ? undefined : held)));
  };
  return (
    <span className="flex items-center gap-2">
      <input
        value={typed ?? shown}
        aria-label={label}
        aria-describedby={`${id}-says`}
        aria-invalid={fault !== undefined}
        autoComplete="off"
        onChange={(event) => keep(() => event.target.value)}
        onBlur={store}
        onKeyDown={(event) => event.key === 'Enter' && store()}
        className="min-h-9 w-24 rounded-soft border border-linen-3 bg-white px-3 text-right font-bold aria-invalid:border-madder"
      />
      <span className="text-walnut-2">{numberUnit(kind, unit)}</span>
    </span>
  );
}
