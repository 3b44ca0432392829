import { describe, expect, test } from '@jest/globals';
import type { Draft, Figure } from '../drafting/draft.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { addUpPrinted } from '../testing/add-up-printed.ts';
import { extremeRanges, ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { inches } from '../units/length.ts';
import type { Change } from '../workings/change.ts';
import { renderWorking } from '../workings/render-working.ts';
import { isAsDrawn, leavesOf, type Leaf, type Working } from '../workings/working.ts';
import { movePoint } from '../drafting/operations/edges/move-point.ts';
import { startOf } from '../geometry/curve.ts';
import { point } from '../geometry/point.ts';
import { edgeOf, type Piece } from '../pieces/piece.ts';
import { readPlace } from '../pieces/read-place.ts';
import { recipeOf } from './recipe-book.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import { styleBook } from './style-book.ts';

const schools = ['solved', 'table'] as const;
const allowances = ['pattern', 'cloth', 'both'] as const;

const [ordinary, extreme] = [ordinaryRanges, extremeRanges].map((ranges) => {
  const { values, observations } = randomBodies(ranges, 7).next().value;
  const input = draftInput(values);
  return { ...input, person: { ...input.person, observations } };
});
if (!ordinary || !extreme) throw new Error('two bodies');
const bodies = { middle: draftInput(middleBody), ordinary, extreme };

/** A step of the chalk's finest figure, mm. */
const SIXTEENTH = inches(1 / 16);

/** The most that each change may come to. Those not listed are as large as what was moved: see `capOf`. */
const caps = {
  ordinary: {
    slant: inches(3 / 8),
    curve: inches(1 / 4),
    rounded: inches(1),
    along: inches(1),
    fitted: inches(2),
    givenBack: inches(2),
    turned: inches(2.5),
    trued: inches(1 / 4),
    kept: inches(1),
    nearest: inches(1 / 4),
  },
  // A body that contradicts itself bends every line; it is still told, and by how much.
  extreme: {
    slant: inches(2),
    curve: inches(2),
    rounded: inches(2),
    along: inches(1),
    fitted: inches(4),
    givenBack: inches(4),
    turned: inches(4),
    trued: inches(2),
    kept: inches(2),
    nearest: inches(1 / 4),
  },
} as const;
/** Below the waist a seam runs over the hip, and a shaped hem rises and falls. */
const BELOW_WAIST = inches(3 / 4);

/** The changes that a figure tells itself; those of lengths that it names are told by their own figures. */
function ownChanges(working: Working, factor = 1): Leaf[] {
  switch (working.kind) {
    case 'sum':
      return working.terms.flatMap((term) => ownChanges(term.working, term.sign * factor));
    case 'quotient':
      return ownChanges(working.of, factor / working.by);
    case 'product':
      return ownChanges(working.of, factor * working.by);
    case 'change':
      return [{ leaf: working, factor }];
    case 'named':
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'edge':
      return [];
  }
}

const isBelowWaist = ({ id }: Figure): boolean => /skirt|hem|side-seam/.test(id);

function capOf(figure: Figure, change: Change, widest: number, kind: keyof typeof caps): number {
  switch (change) {
    case 'corner':
      return 2 * widest;
    case 'point':
      return 4 * widest;
    case 'slant':
    case 'curve':
      return Math.max(caps[kind][change], isBelowWaist(figure) ? BELOW_WAIST : 0);
    case 'along':
    case 'rounded':
    case 'fitted':
    case 'givenBack':
    case 'turned':
    case 'trued':
    case 'kept':
    case 'nearest':
      return caps[kind][change];
    case 'hand':
      return 0;
  }
}

function overTheirCaps({ figures, pieces }: Draft, kind: keyof typeof caps): string[] {
  const widest = new Map(
    pieces.map(({ piece }) => [piece.id, Math.max(...piece.edges.map(({ allowance }) => allowance))]),
  );
  return figures.flatMap((figure) => {
    const [piece = ''] = figure.id.split('/');
    return ownChanges(figure.working).flatMap(({ leaf, factor }) =>
      leaf.kind === 'change' &&
      Math.abs(factor) * leaf.mm > capOf(figure, leaf.change, widest.get(piece) ?? 0, kind) + 0.01
        ? [`${figure.id} ${leaf.change} ${leaf.mm.toFixed(1)}`]
        : [],
    );
  });
}

const drafted = (input: DraftInput, school: (typeof schools)[number], id: string): Draft =>
  recipeOf({ id }).draft({ ...input, rules: ruleSet({ 'school.block': school }) });

const fromLeaves = (working: Working): number =>
  leavesOf(working).reduce((total, { leaf, factor }) => total + factor * leaf.mm, 0);

describe.each(Object.values(styleBook))('figures of the $name', ({ id }) => {
  const drafts = Object.entries(bodies).flatMap(([name, input]) =>
    schools.map((school) => ({
      kind: name === 'extreme' ? ('extreme' as const) : ('ordinary' as const),
      draft: drafted(input, school, id),
    })),
  );

  test('add up from their measures, choices and rules to the point measured on the finished piece', () => {
    for (const { draft } of drafts) {
      expect(draft.figures.length).toBeGreaterThan(5);
      const missed = draft.figures.filter(
        ({ mm, stitch, working, stitchWorking }) =>
          Math.abs(fromLeaves(working) - mm) > 0.01 || Math.abs(fromLeaves(stitchWorking) - stitch) > 0.01,
      );
      expect(missed.map((each) => each.id)).toEqual([]);
    }
  });

  test('name what the drawing did to a sum, and none by more than its cap', () => {
    for (const { draft, kind } of drafts)
      if (!draft.findings.some(({ severity }) => severity === 'stop'))
        expect(overTheirCaps(draft, kind)).toEqual([]);
  });

  test('as they are printed add up to what is printed, to the last sixteenth', () => {
    for (const { draft } of drafts)
      for (const unit of ['in', 'cm'] as const) {
        const step = unit === 'in' ? 1 / 16 : 0.01;
        const off = draft.figures
          .map(({ working }) => renderWorking(working, unit))
          .filter((printed) => Math.abs(addUpPrinted(printed)) > step + 1e-9);
        expect(off).toEqual([]);
      }
  });

  test('have an id each, a finite length and a place on a piece', () => {
    for (const { draft } of drafts) {
      const { figures, pieces } = draft;
      expect(new Set(figures.map((figure) => figure.id)).size).toBe(figures.length);
      expect(figures.filter(({ mm }) => !Number.isFinite(mm))).toEqual([]);
      const owners = new Set(pieces.map(({ piece }) => piece.id));
      expect(figures.filter((figure) => !owners.has(figure.id.split('/')[0] ?? ''))).toEqual([]);
    }
  });

  test('where the shop adds its allowance moves no stitch line', () => {
    const [pattern, ...others] = allowances.map((value) =>
      recipeOf({ id }).draft({ ...draftInput(middleBody), rules: ruleSet({ 'school.allowance': value }) }),
    );
    const edges = pattern?.pieces.map(({ piece }) => piece.edges);
    for (const other of others) expect(other.pieces.map(({ piece }) => piece.edges)).toEqual(edges);
  });
});

test.each(schools)('by the %s block at most a tenth of what is cut from the outer is as drawn', (school) => {
  const outer = Object.keys(styleBook).flatMap((id) => {
    const { figures, pieces } = drafted(bodies.middle, school, id);
    const own = new Set(pieces.flatMap(({ piece }) => (piece.role === 'outer' ? [piece.id] : [])));
    return figures.filter((figure) => own.has(figure.id.split('/')[0] ?? ''));
  });
  const asDrawn = outer.filter(({ working }) => isAsDrawn(working));
  expect(asDrawn.length / outer.length).toBeLessThan(0.1);
});

test('a point moved by a sixteenth behind its sum is found out', () => {
  const { pieces } = drafted(bodies.middle, 'solved', 'plain-bodice');
  const block = pieces.find(({ piece }) => piece.face === 'front')?.piece;
  if (!block) throw new Error('a front');
  const missed = (piece: Piece): string[] =>
    (piece.dimensions ?? []).flatMap((dimension) => {
      const place = readPlace(piece, dimension);
      return place && Math.abs(fromLeaves(dimension.working) - place.mm) > 0.01 ? [dimension.name] : [];
    });
  expect(missed(block)).toEqual([]);
  const tip = startOf(edgeOf(block, 'armhole').path);
  expect(missed(movePoint(block, tip, point(0, SIXTEENTH)))).not.toEqual([]);
});
