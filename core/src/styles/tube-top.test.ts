import { describe, expect, test } from '@jest/globals';
import { endOf, startOf } from '../geometry/curve.ts';
import { distance } from '../geometry/point.ts';
import type { Draft } from '../drafting/draft.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { draftInput, middleBody, ordinaryBody } from '../testing/bodies.ts';
import { expectCuttable } from '../testing/expect-sound.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';
import { edgeLength, edgeOf, edgesWithRole } from '../pieces/piece.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { tubeTop } from './tube-top.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (choices: ChoiceValues = {}) => recipeOf(tubeTop).draft(draftInput(middleBody, choices));
const plain = { topEdge: 'straight', cups: 'none' };

describe('the tube top', () => {
  expectStyleSound(tubeTop, [{}, plain]);

  test('has cups and a band in front, two panels behind, and all of it again in lining and stay', () => {
    const names = draft().pieces.map(({ piece: { id, cut } }) => `${id} ${cut.layers}`);
    expect(names.slice(0, 6)).toEqual([
      'cup-front-centre fold',
      'cup-front-side pair',
      'bodice-front-centre fold',
      'bodice-front-side pair',
      'bodice-back-centre pair',
      'bodice-back-side pair',
    ]);
    expect(names.length).toBe(18);
    expect(draft(plain).pieces.length).toBe(12);
  });

  test('the top edge stands 3½ in over the bust unless chosen, and nearer is pointed out. Common practice', () => {
    const [front] = draft().coverage;
    expect(front?.edge).toBe('top');
    expect(front?.aboveBust).toBeCloseTo(inches(3.5), 0);
    const low = draft({ topLevel: inches(7.25) });
    const found = low.findings.find(({ code }) => code === 'edge-covers-little');
    expect(found && findingWords(found, 'in').message).toMatch(
      /stands .+ above the bust line; under 3.+ in shows more/,
    );
    const remedied = found?.remedy?.kind === 'set-choice' ? (found.remedy.mm ?? 0) : 0;
    expect(draft({ topLevel: remedied }).findings.some(({ code }) => code === 'edge-covers-little')).toBe(
      false,
    );
  });

  test('an edge chosen under the bust, or a back under the bust line, is a stop with the lowest there is, and still drawn', () => {
    for (const [choice, mm, others] of [
      ['topLevel', inches(9), {}],
      ['topBack', inches(4), { topLevel: inches(7) }],
    ] as const) {
      const low = draft({ ...others, [choice]: mm });
      expectCuttable(low);
      const stop = low.findings.find(({ code }) => code === 'top-too-low');
      expect(stop).toMatchObject({ severity: 'stop', where: { choice } });
      const most = stop?.expected ?? 0;
      expect(most).toBeLessThan(mm);
      expect(
        draft({ ...others, [choice]: most - 0.01 }).findings.some(({ code }) => code === 'top-too-low'),
      ).toBe(false);
    }
  });

  test('a back edge as low as it is drawn, sagging over steep sides, leaves the bust line whole, though a rule has its darts end above the edge', () => {
    const lengths = {
      height: 60,
      shoulder: 15.1,
      acrossChest: 13.1,
      acrossBack: 13.9,
      bustSpan: 7.2,
      shoulderToBust: 9.2,
      frontWaistLength: 16.5,
      backWaistLength: 14.5,
      waistToHip: 7.4,
      waistToKnee: 20.8,
    };
    const rounds = { neck: 14.2, highBust: 29.9, bust: 34.5, waist: 29.3, hip: 40.9, armhole: 14.7 };
    const steepSides = Object.fromEntries(
      Object.entries({ ...lengths, ...rounds }).map(([name, count]) => [name, inches(count)]),
    );
    const rules = ruleSet({ 'dart.backAboveBust': inches(4) });
    const low = recipeOf(tubeTop).draft({
      ...draftInput(steepSides, {
        ...plain,
        topBack: inches(3),
        topSide: inches(1.9),
        topPull: inches(2.75),
      }),
      rules,
    });
    expectCuttable(low);
    for (const panel of ['bodice-back-centre', 'bodice-back-side']) {
      const piece = low.pieces.find(({ piece: { id } }) => id === panel)?.piece;
      expect(piece?.levels.map(({ name }) => name)).toContain('bust');
    }
  });

  test('the contour over the bust takes its wedge from the top edge, and the seam is as long on both panels', () => {
    const rules = ruleSet({ 'school.block': 'table' });
    const { pieces } = recipeOf(tubeTop).draft({ ...draftInput(middleBody, plain), rules });
    const panels = pieces.map(({ piece }) => piece);
    const [centre, side] = ['centre', 'side'].map((name) =>
      panels.find(({ id }) => id === `bodice-front-${name}`),
    );
    if (!centre || !side) throw new Error('no front');
    const wedge = side.intakes.find(({ operation }) => operation === 'contour over the bust');
    expect(wedge?.mm).toBeCloseTo(inches(0.75), 6);
    const seam = (piece: typeof centre) => edgeLength(edgeOf(piece, 'princess'));
    expect(Math.abs(seam(centre) - seam(side))).toBeLessThan(0.05);
  });

  /** Twice the chords of the panels of a straight edge: what a tape laid along it reads, by sums of its own. */
  const alongEdge = ({ pieces }: Draft): number =>
    2 *
    pieces
      .filter(({ piece }) => piece.role === 'outer')
      .flatMap(({ piece }) => edgesWithRole(piece, 'top'))
      .reduce((total, { path }) => total + distance(startOf(path), endOf(path)), 0);

  // A slim, a middle, a full and an hourglass figure of our own.
  test.each([
    { bust: 33, bustToWaist: 9, waistToHipRound: 10, height: 66, cup: 1 },
    { bust: 38, bustToWaist: 8, waistToHipRound: 10, height: 66, cup: 2 },
    { bust: 48, bustToWaist: 6, waistToHipRound: 9, height: 65, cup: 5 },
    { bust: 40, bustToWaist: 14, waistToHipRound: 14, height: 65, cup: 5 },
  ])('the edge is no wider than the body above the bust, less the pull: %o', (shape) => {
    const values = ordinaryBody(shape);
    const highBust = values.highBust ?? NaN;
    for (const pull of [0, inches(0.5), inches(1)]) {
      const drafted = recipeOf(tubeTop).draft(draftInput(values, { topEdge: 'straight', topPull: pull }));
      expect(alongEdge(drafted)).toBeLessThan(highBust - pull + inches(0.5));
      const round = drafted.rounds.find(({ level }) => level === 'top');
      expect(round?.finished).toBeLessThan(highBust - pull + 1);
      expect(drafted.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    }
    const underBust = recipeOf(tubeTop)
      .draft(draftInput(values))
      .rounds.find(({ level }) => level === 'underBust');
    expect(Math.abs((underBust?.ease ?? NaN) - inches(0.25))).toBeLessThan(inches(1));
  });

  test('an edge held by elastic is cut to the body and told how long the elastic is; a strong pull by its cut alone is pointed out', () => {
    const elastic = draft({ topHeld: 'elastic', topPull: inches(1) });
    const [found] = elastic.findings.filter(({ code }) => code === 'elastic-length');
    expect(found?.found).toBeCloseTo((middleBody.highBust ?? NaN) - inches(1), 6);
    const byCut = draft({ topHeld: 'contour', topPull: inches(1.5) }).findings;
    expect(byCut.find(({ code }) => code === 'edge-pull-unheld')).toMatchObject({
      remedy: { kind: 'set-option', choice: 'topHeld', option: 'boning' },
    });
  });
});
