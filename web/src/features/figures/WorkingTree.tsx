import { ruleOf } from '@ample-bolt/core/rules/catalogue';
import type { Unit } from '@ample-bolt/core/units/length';
import { labelOf } from '@ample-bolt/core/workings/render-working';
import { type Working } from '@ample-bolt/core/workings/working';
import { Length } from '../../ui/Length.tsx';

/** Where a term of a sum comes from, in a word. */
const origins = {
  measure: 'measured',
  rule: 'house rule',
  choice: 'chosen',
  drawn: 'drawn before',
  correction: 'what the drawing did',
} as const;

interface BranchProps {
  readonly working: Working;
  readonly unit: Unit;
  /** What is done with it one level up. */
  readonly operator: string;
}

/** A working opened down to its measures, choices and rules, each with its value. */
export const WorkingTree = ({ working, unit }: Omit<BranchProps, 'operator'>) => (
  <ul className="text-[15px]">
    <Branch working={working} unit={unit} operator="" />
  </ul>
);

function Branch({ working, unit, operator }: BranchProps) {
  switch (working.kind) {
    case 'sum':
      return (
        <Node words="the sum of" working={working} unit={unit} operator={operator}>
          {working.terms.map(({ sign, working: term }, index) => (
            <Branch
              key={index}
              working={term}
              unit={unit}
              operator={sign < 0 ? '−' : index === 0 ? '' : '+'}
            />
          ))}
        </Node>
      );
    case 'quotient':
      return (
        <Node words={`divided by ${working.by}`} working={working} unit={unit} operator={operator}>
          <Branch working={working.of} unit={unit} operator="" />
        </Node>
      );
    case 'product':
      return (
        <Node words={`times ${working.by}`} working={working} unit={unit} operator={operator}>
          <Branch working={working.of} unit={unit} operator="" />
        </Node>
      );
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'correction':
      return (
        <li
          className="flex items-baseline gap-2 py-0.5"
          title={working.kind === 'rule' ? ruleOf(working.id).reason : undefined}
        >
          <Operator>{operator}</Operator>
          <span className="min-w-0 grow">
            {labelOf(working)} <span className="text-[13px] text-walnut-2">{origins[working.kind]}</span>
          </span>
          <strong>
            <Length mm={working.mm} unit={unit} format={{ denominator: 16, decimals: 2 }} />
          </strong>
        </li>
      );
  }
}

const Operator = ({ children }: { readonly children: string }) => (
  <span className="w-3 shrink-0 text-center font-semibold">{children}</span>
);

function Node({
  words,
  working,
  unit,
  operator,
  children,
}: BranchProps & { readonly words: string; readonly children: React.ReactNode }) {
  return (
    <li>
      <p className="flex items-baseline gap-2 py-0.5">
        <Operator>{operator}</Operator>
        <span className="grow text-walnut-2">{words}</span>
        <strong>
          <Length mm={working.mm} unit={unit} format={{ denominator: 16, decimals: 2 }} />
        </strong>
      </p>
      <ul className="ml-1.5 border-l border-linen-3 pl-2.5">{children}</ul>
    </li>
  );
}
