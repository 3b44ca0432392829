import { ruleOf, type RuleId } from '@ample-bolt/core/rules/catalogue';
import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { Unit } from '@ample-bolt/core/units/length';
import { labelOf, type Shown } from '@ample-bolt/core/workings/render-working';
import { partWords } from '@ample-bolt/core/workings/part-words';
import type { Working } from '@ample-bolt/core/workings/working';
import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Length } from '../../ui/Length.tsx';

/** Where a term of a sum is set, as an address. */
export interface TermPlaces {
  readonly measure: (id: MeasureId) => string;
  readonly rule: (id: RuleId) => string;
  readonly choice: (id: string) => string;
}

interface BranchProps {
  readonly working: Working;
  readonly unit: Unit;
  readonly places: TermPlaces;
  /** What is done with it one level up, in a word that begins its line. */
  readonly word: string;
}

/** A working opened down to its measures, choices and rules: a sentence read from the top, each term leading to where it is set. */
export const WorkingTree = (props: Omit<BranchProps, 'word'>) => (
  <ul className="text-[15px]">
    <Branch {...props} word="is" />
  </ul>
);

const ofSum = (word: string, index: number, sign: 1 | -1): string =>
  index === 0 && sign > 0 ? word : sign < 0 ? 'less' : 'plus';

function Branch({ working, word, ...rest }: BranchProps) {
  switch (working.kind) {
    case 'sum':
      return working.terms.map(({ sign, working: term }, index) => (
        <Branch key={index} {...rest} working={term} word={ofSum(word, index, sign)} />
      ));
    case 'quotient':
      return (
        <Part {...rest} working={working} word={word} of={working.of} words={partWords(1 / working.by)} />
      );
    case 'product':
      return <Part {...rest} working={working} word={word} of={working.of} words={partWords(working.by)} />;
    case 'named':
      return <Named {...rest} working={working} word={word} />;
    case 'measure':
      return (
        <Leaf {...rest} shown={working} word={word} origin="measured" to={rest.places.measure(working.id)} />
      );
    case 'rule':
      return (
        <Leaf
          {...rest}
          shown={working}
          word={word}
          origin="house rule"
          to={rest.places.rule(working.id)}
          title={ruleOf(working.id).reason}
        />
      );
    case 'choice':
      return (
        <Leaf
          {...rest}
          shown={working}
          word={word}
          origin={working.id === undefined ? 'usual' : 'chosen'}
          {...(working.id !== undefined && { to: rest.places.choice(working.id) })}
        />
      );
    case 'drawn':
      return <Leaf {...rest} shown={working} word={word} origin="as it is drawn" />;
    case 'edge':
      return <Leaf {...rest} shown={working} word={word} origin="as long as there" />;
    case 'change':
      return <Leaf {...rest} shown={working} word={word} origin="by the drawing" />;
  }
}

const Word = ({ children }: { readonly children: string }) => (
  <span className="w-9 shrink-0 text-[13px] text-walnut-2">{children}</span>
);

const Value = ({ mm, unit }: { readonly mm: number; readonly unit: Unit }) => (
  <strong>
    <Length mm={mm} unit={unit} format={{ denominator: 16, decimals: 2 }} />
  </strong>
);

interface LeafProps {
  readonly shown: Shown;
  readonly unit: Unit;
  readonly word: string;
  readonly origin: string;
  readonly to?: string;
  readonly title?: string;
}

const Leaf = ({ shown, unit, word, origin, to, title }: LeafProps) => (
  <li className="flex items-baseline gap-2 py-0.5" title={title}>
    <Word>{word}</Word>
    <span className="min-w-0 grow">
      {to ? (
        <Link to={to} className="underline decoration-linen-3 underline-offset-2 hover:decoration-walnut-2">
          {labelOf(shown)}
        </Link>
      ) : (
        labelOf(shown)
      )}{' '}
      <span className="text-[13px] text-walnut-2">{origin}</span>
    </span>
    <Value mm={shown.mm} unit={unit} />
  </li>
);

/** A part or a multiple of what follows it, one step further in. */
function Part({
  of,
  words,
  ...props
}: BranchProps & { readonly of: Working; readonly words: string }): ReactNode {
  return (
    <li>
      <p className="flex items-baseline gap-2 py-0.5">
        <Word>{props.word}</Word>
        <span className="grow text-walnut-2">{words}</span>
        <Value mm={props.working.mm} unit={props.unit} />
      </p>
      <ul className="ml-4 border-l border-linen-3 pl-2.5">
        <Branch {...props} working={of} word="" />
      </ul>
    </li>
  );
}

/** A length with a name of its own; pressed, its sum opens below it. */
const Named = ({
  working,
  ...props
}: Omit<BranchProps, 'working'> & { readonly working: Extract<Working, { kind: 'named' }> }) => (
  <li>
    <details className="group">
      <summary className="flex cursor-pointer list-none items-baseline gap-2 py-0.5">
        <Word>{props.word}</Word>
        <span className="grow">
          {labelOf(working)}
          <ChevronRight
            size={14}
            aria-hidden
            className="ml-1 inline text-walnut-2 group-open:rotate-90 motion-safe:transition-transform"
          />
        </span>
        <Value mm={working.mm} unit={props.unit} />
      </summary>
      <ul className="ml-4 border-l border-linen-3 pl-2.5">
        <Branch {...props} working={working.of} word="is" />
      </ul>
    </details>
  </li>
);
