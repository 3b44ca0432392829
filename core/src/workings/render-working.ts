import { measureName } from '../measures/catalogue.ts';
import { ruleOf } from '../rules/catalogue.ts';
import { formatNumber, roundLength, type LengthFormat } from '../units/format-length.ts';
import { mmPer, type Unit } from '../units/length.ts';
import { changeName } from './change.ts';
import { type Leaf, type Working } from './working.ts';

/** Workings show sixteenths and half millimetres: finer than the chalk, so that a sum can be followed. */
const format = (style: 'plain' | 'typeset'): LengthFormat => ({ denominator: 16, decimals: 2, style });

/** One step of what is shown, mm. */
const stepOf = (unit: Unit): number => mmPer(unit) * (unit === 'in' ? 1 / 16 : 0.01);

/** Terms of a sum on one line: a length with a name of its own stands for its sum there. */
export type Shown = Leaf['leaf'] | Extract<Working, { kind: 'named' }>;

export const labelOf = (shown: Shown): string => {
  switch (shown.kind) {
    case 'measure':
      return measureName(shown.id);
    case 'rule':
      return ruleOf(shown.id).label;
    case 'choice':
    case 'drawn':
    case 'named':
      return shown.label;
    case 'edge':
      return `${shown.piece.charAt(0).toLowerCase()}${shown.piece.slice(1)}, ${shown.edge}`;
    case 'change':
      return changeName(shown.change);
  }
};

/** Changes smaller than this cannot be chalked, mm. */
const AS_ADDED = 0.1;

/** A factor in as many digits as a hand would write. */
const plainNumber = (factor: number): string => String(Number(factor.toPrecision(4)));

/** A written term: the shown length, what it counts by, and how it is rounded, mm. */
interface Written {
  readonly shown: Shown;
  readonly factor: number;
  mm: number;
}

/** The shown lengths of a working in the order in which they are written. A change that rounds to nothing is not written. */
function writtenOf(working: Working, unit: Unit, factor = 1): Written[] {
  switch (working.kind) {
    case 'sum':
      return working.terms.flatMap((term) => writtenOf(term.working, unit, term.sign * factor));
    case 'quotient':
      return writtenOf(working.of, unit, factor / working.by);
    case 'product':
      return writtenOf(working.of, unit, factor * working.by);
    case 'named':
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'edge':
    case 'change': {
      const mm = roundLength(working.mm, unit, format('plain'));
      return working.kind === 'change' && mm === 0 ? [] : [{ shown: working, factor, mm }];
    }
  }
}

const isFixed = ({ shown: { kind } }: Written): boolean =>
  kind === 'measure' || kind === 'rule' || kind === 'choice';

/**
 * Rounds the terms so that what is written adds up to the written result: where rounding each by itself misses it, the one
 * that was rounded the most the other way goes a step further. What was measured, chosen or ruled is written as it is.
 */
function roundedToAddUp(written: readonly Written[], result: number, unit: Unit): void {
  const step = stepOf(unit);
  const loose = written.filter((each) => !isFixed(each) && Math.abs(each.factor) > 0.2);
  for (let round = 0; round < loose.length; round++) {
    const off = result - written.reduce((total, { factor, mm }) => total + factor * mm, 0);
    if (Math.abs(off) <= step / 2) return;
    const gain = ({ shown, factor, mm }: Written): number =>
      (shown.mm - mm) * Math.sign(factor) * Math.sign(off);
    const [best] = [...loose].sort((a, b) => gain(b) - gain(a));
    if (!best) return;
    best.mm += Math.sign(off) * Math.sign(best.factor) * step;
  }
}

interface Line {
  readonly unit: Unit;
  readonly style: 'plain' | 'typeset';
  readonly written: readonly Written[];
}

const lengthOf = (shown: Shown, { unit, style, written }: Line): string => {
  const mm = written.find((each) => each.shown === shown)?.mm ?? shown.mm;
  return `${labelOf(shown)} ${formatNumber(mm, unit, format(style))}`;
};

function scaled(
  { of, by }: Extract<Working, { kind: 'quotient' | 'product' }>,
  sign: '÷' | '×',
  line: Line,
  inner: boolean,
): string {
  const factor = plainNumber(by);
  return factor === '1' ? expression(of, line, inner) : `${expression(of, line, true)} ${sign} ${factor}`;
}

function expression(working: Working, line: Line, inner: boolean): string {
  switch (working.kind) {
    case 'sum': {
      const terms = working.terms.filter(
        ({ working: term }) => term.kind !== 'change' || line.written.some(({ shown }) => shown === term),
      );
      const text = terms
        .map(({ sign, working: term }, index) => {
          const operator = sign < 0 ? '− ' : index === 0 ? '' : '+ ';
          return operator + expression(term, line, sign < 0);
        })
        .join(' ');
      return inner && terms.length > 1 ? `(${text})` : text;
    }
    case 'quotient':
      return scaled(working, '÷', line, inner);
    case 'product':
      return scaled(working, '×', line, inner);
    case 'named':
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'edge':
    case 'change':
      return lengthOf(working, line);
  }
}

/**
 * The trade's one-line sum: `(bust 36 + ease 2) ÷ 4 + side seam 1 = 10 1/2`. What is written adds up to what is written as its
 * result; `≈` stands for `=` where a term or the result was rounded, or the drawing changed the sum. A single term is its own result.
 */
export function renderWorking(working: Working, unit: Unit, style: 'plain' | 'typeset' = 'plain'): string {
  const written = writtenOf(working, unit);
  const exactly = working.mm;
  const result = roundLength(exactly, unit, format(style));
  roundedToAddUp(written, result, unit);
  const line = { unit, style, written };
  const text = expression(working, line, false);
  const shown = formatNumber(exactly, unit, format(style));
  const [only, ...more] = written;
  if (!only) return shown;
  // A sum of one term that comes to itself is said once.
  if (more.length === 0 && only.factor === 1) return `${labelOf(only.shown)} ${shown}`;
  const isRounded = (mm: number, as: number): boolean => Math.abs(mm - as) > 1e-6;
  const exact =
    Math.abs(exactly - result) < AS_ADDED &&
    written.every(({ shown: each, mm }) => each.kind !== 'change' && !isRounded(each.mm, mm));
  return `${text} ${exact ? '=' : '≈'} ${shown}`;
}
