import { describe, expect, test } from '@jest/globals';
import { chalkPiece } from '../chalk/chalk-piece.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { draftGap } from '../testing/draft-gap.ts';
import { anyChoices } from '../testing/any-choices.ts';
import { addUpPrinted } from '../testing/add-up-printed.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../testing/expect-sound.ts';
import { missesBody, missesSizes } from '../testing/misses-size-table.ts';
import { extremeRanges, ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { styleOfEachBodice } from '../testing/style-of-each-bodice.ts';
import { seededRandom } from '../lay/plan/seeded-random.ts';
import type { Draft } from '../drafting/draft.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { joinKinds } from '../garment/join.ts';
import { slotIds, slots, type Slot } from '../garment/part.ts';
import { checkSeams } from '../pieces/check-seams.ts';
import { edgeOf, type Piece } from '../pieces/piece.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import type { Style } from '../styles/style.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';
import { lackWords } from '../words/lack-words.ts';
import { renderWorking } from '../workings/render-working.ts';
import { partBook } from './part-book.ts';
import { idsIn } from '../pieces/named-edge.ts';
import { edgesOn } from '../pieces/seam.ts';

const withSleeve: ChoiceValues = { sleeve: 'sleeve-set-in' };
const withSkirt: ChoiceValues = { skirt: 'skirt-circle' };
const body: MeasureValues = { ...withArm(middleBody), offShoulderRound: inches(41) };

const styles = Object.values(styleBook);
const takes = (slot: Slot): Style[] =>
  styleOfEachBodice.filter(({ lacks }) => lacks[slots[slot]] === undefined);
const draftOf = ({ id }: Pick<Style, 'id'>, choices: ChoiceValues, values = body): Draft =>
  recipeOf({ id }).draft(draftInput(values, choices));
const pieceOf = ({ pieces }: Draft, id: string): Piece => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

describe('what a garment offers to be sewn to', () => {
  test('is what its drafted pieces have: a style that lacks it says why, and the page as well', () => {
    for (const slot of slotIds)
      for (const style of styles) {
        const kind = slots[slot];
        const lack = style.lacks[kind];
        const offers = style.choices[slot]?.kind === 'option';
        expect([style.id, slot, offers]).toEqual([style.id, slot, lack === undefined]);
        if (lack) expect(lackWords(kind, lack)).toMatch(/^No (collar|sleeve|skirt): .*\.$/);
        const part = partBook.find((each) => each.slot === slot)?.id ?? '';
        if (!lack) expect(draftOf(style, { [slot]: part }).findings.map(({ code }) => code)).not.toContain('part-without-join');
      }
    expect(joinKinds).toHaveLength(Object.keys(slots).length);
  }); // prettier-ignore

  test('ends with the waist: a bodice that goes on to a hem stops the skirt and says how to go on', () => {
    const draft = draftOf({ id: 'plain-bodice' }, { ...withSkirt, below: 'hem' });
    const stop = draft.findings.find(({ code }) => code === 'part-without-join');
    expect(stop).toMatchObject({ severity: 'stop', remedy: { choice: 'skirt', option: 'none' } });
    expect(draft.pieces.some(({ piece }) => piece.part === 'skirt')).toBe(false);
  });

  test('a part whose measures were not taken is not drawn, and they are named', () => {
    const draft = recipeOf({ id: 'plain-bodice' }).draft(draftInput(middleBody, withSleeve));
    const [stop] = draft.findings.filter(({ code }) => code === 'part-needs-measures');
    expect(stop && findingWords(stop, 'in')).toEqual({
      message: 'The set-in sleeve is not drawn: upper arm, flexed, arm length, wrist were not measured.',
      remedy: 'Measure upper arm, flexed, arm length, wrist, or leave it off.',
    });
  });
});

describe.each(takes('sleeve'))('a set-in sleeve on the $name', (style) => {
  test('is true on published sizes and on bodies of all proportions, in every length', () => {
    for (const size of missesSizes.filter((_, index) => index % 2 === 0))
      expectSleeve(draftOf(style, withSleeve, withArm(missesBody(size))));
    const bodies = randomBodies(ordinaryRanges, 31);
    for (const sleeveTo of ['short', 'elbow', 'wrist'])
      for (let count = 0; count < 2; count++)
        expectSleeve(draftOf(style, { ...withSleeve, sleeveTo }, withArm(bodies.next().value.values)));
  }, 90_000);

  test('leaves the bodice as it was', () => {
    const [bare, dressed] = [draftOf(style, { sleeve: 'none' }), draftOf(style, withSleeve)];
    const own = new Set(bare.pieces.map(({ piece }) => piece.id));
    const pieces = dressed.pieces.filter(({ piece }) => own.has(piece.id));
    expect(draftGap(bare, { ...dressed, pieces }).mm).toBe(0);
  });
});

/** Sound, and its cap as long as both armholes with the ease, by another library's lengths. */
function expectSleeve(draft: Draft): void {
  expectCuttable(draft);
  const stops = draft.findings.filter(
    ({ severity, code }) => severity === 'stop' && code !== 'round-differs',
  );
  expect(stops).toEqual([]);
  for (const { id, difference } of draft.seams) expect([id, Math.abs(difference) < 1]).toEqual([id, true]);
  const sleeve = pieceOf(draft, 'sleeve');
  const armhole = draft.seams
    .filter(({ id }) => id.startsWith('sleeve to armhole'))
    .flatMap(({ b }) => edgesOn(b).map(idsIn))
    .reduce((sum, { piece, edge }) => sum + lengthByLibrary(edgeOf(pieceOf(draft, piece), edge)), 0);
  const cap = lengthByLibrary(edgeOf(sleeve, 'cap-back')) + lengthByLibrary(edgeOf(sleeve, 'cap-front'));
  expect(Math.abs(cap - armhole - inches(1))).toBeLessThan(0.05);
}

describe('the set-in sleeve', () => {
  const draft = draftOf({ id: 'plain-bodice' }, withSleeve);

  test('is as wide as the arm with its ease, and as long as the arm', () => {
    const ofSleeve = (name: string) => draft.figures.find(({ id }) => id === `sleeve/${name}`)?.stitch ?? 0;
    expect(ofSleeve('upper-arm')).toBeCloseTo((body.upperArm ?? 0) + inches(2), 1);
    expect(ofSleeve('length')).toBeCloseTo(body.armLength ?? 0, 6);
    // Common practice: a cap stands about a third of the armhole high.
    const armhole = draft.seams.filter(({ id }) => id.startsWith('sleeve to')).reduce((sum, { lengthB }) => sum + lengthB, 0);
    expect(ofSleeve('cap-height') / armhole).toBeGreaterThan(0.26);
    expect(ofSleeve('cap-height') / armhole).toBeLessThan(0.4);
  }); // prettier-ignore

  test('lies flat on its armhole up to the notches: a notch that is moved is found out there', () => {
    const pieces = draft.pieces.map(({ piece }) => piece);
    const moved = pieces.map((piece) =>
      piece.id === 'sleeve'
        ? {
            ...piece,
            notches: piece.notches.map((notch) =>
              notch.edge === 'cap-back' ? { ...notch, at: notch.at + 6 } : notch,
            ),
          }
        : piece,
    );
    const seams = draft.seams.filter(({ id }) => id === 'sleeve to armhole, back');
    expect(checkSeams(pieces, seams)[0]?.ok).toBe(true);
    expect(checkSeams(moved, seams)[0]).toMatchObject({ ok: false });
    expect(Math.abs(checkSeams(moved, seams)[0]?.difference ?? 0)).toBeCloseTo(6, 1);
  });

  test('a closed end that the hand does not pass is a stop', () => {
    const { findings } = draftOf({ id: 'plain-bodice' }, withSleeve, { ...body, hand: inches(9.5) });
    const stop = findings.find(({ code }) => code === 'opening-too-small');
    expect(stop?.severity).toBe('stop');
    expect(stop && findingWords(stop, 'in').message).toMatch(/does not pass/);
  });

  test('moves by a hair when a measure or a choice does', () => {
    for (const nudge of [{ upperArm: (body.upperArm ?? 0) + 0.1 }, { armhole: (body.armhole ?? 0) + 0.1 }])
      expect(
        draftGap(draft, draftOf({ id: 'plain-bodice' }, withSleeve, { ...body, ...nudge })).mm,
      ).toBeLessThan(3);
    const eased = draftOf({ id: 'plain-bodice' }, { ...withSleeve, capEase: inches(1) + 0.1 });
    expect(draftGap(draft, eased).mm).toBeLessThan(1);
  });

  test('that would end above its underarm is drawn a little longer, and says so', () => {
    const short = draftOf({ id: 'plain-bodice' }, { ...withSleeve, sleeveTo: 'short' }, { ...body, armLength: inches(13.8) });
    expect(short.findings.find(({ code }) => code === 'sleeve-above-underarm')).toMatchObject({ severity: 'care' });
    expectSleeve(short);
  }); // prettier-ignore

  test('an arm too thick for its armhole is stopped, a thin one in a large armhole is told', () => {
    const codes = (upperArm: number) =>
      draftOf({ id: 'plain-bodice' }, withSleeve, { ...body, upperArm }).findings.map(({ code }) => code);
    expect(codes(inches(19))).toContain('sleeve-too-narrow');
    expect(codes(inches(7))).toContain('sleeve-wider');
  });
});

describe.each(takes('skirt'))('a circle skirt on the $name', (style) => {
  test.each(['1', '0.5', '0.25'])('%s of a circle: its waist is the bodice’s, its hem as far below everywhere', (circle) => {
    for (const skirtParts of ['2', '4']) {
      const draft = draftOf(style, { ...withSkirt, circle, skirtParts, skirtLength: inches(22) });
      expectTrue(draft);
      const panels = draft.pieces.map(({ piece }) => piece).filter((piece) => piece.part === 'skirt');
      const times = ({ cut }: Piece) => (cut.layers === 'fold' ? 2 : 1) * cut.copies;
      const waist = panels.reduce((sum, panel) => sum + times(panel) * lengthByLibrary(edgeOf(panel, 'waist')), 0);
      const hem = panels.reduce((sum, panel) => sum + times(panel) * lengthByLibrary(edgeOf(panel, 'hem')), 0);
      const bodice = draft.seams
        .filter(({ id }) => id.startsWith('skirt to waist'))
        .reduce((sum, { lengthB }) => sum + 2 * lengthB, 0);
      expect(Math.abs(waist - bodice)).toBeLessThan(0.05);
      // Handbook arithmetic: a hem of f of a circle is 2π f times its length longer than its waist.
      expect(Math.abs(hem - waist - 2 * Math.PI * Number(circle) * inches(22))).toBeLessThan(0.5);
    }
  }); // prettier-ignore
});

describe('the circle skirt', () => {
  const style = { id: 'plain-bodice' };

  test('is chalked by swinging the tape from one point, for waist and hem alike', () => {
    const draft = draftOf(style, { ...withSkirt, circle: '1', skirtParts: '4' });
    const front = draft.pieces.find(({ piece }) => piece.id === 'skirt-front');
    if (!front) throw new Error('no skirt front');
    for (const line of ['cut', 'stitch'] as const) {
      const arcs = chalkPiece(front, { line, startLine: 'stitch' }).flatMap((mark) =>
        mark.kind === 'curve' && mark.swing ? [mark.swing] : [],
      );
      const [waist, hem] = arcs;
      if (!waist || !hem) throw new Error('no arcs');
      // Handbook arithmetic: the inner radius of a whole circle is its round over 2π.
      const round = 2 * draft.seams.filter(({ id }) => id === 'skirt to waist').reduce((sum, { lengthB }) => sum + lengthB, 0);
      const seam = line === 'cut' ? inches(0.5) : 0;
      expect(waist.radius).toBeCloseTo(round / (2 * Math.PI) - seam, 0);
      expect(hem.radius - waist.radius).toBeCloseTo(inches(22) + seam + (line === 'cut' ? inches(0.5) : 0), 0);
      expect([waist.out, hem.out].every((out) => Math.abs(out) < 1)).toBe(true);
      expect(waist.down).toBeCloseTo(hem.down, 0);
    }
  }); // prettier-ignore

  test('no panel has a seam at centre front', () => {
    for (const skirtParts of ['2', '4']) {
      const front = pieceOf(draftOf(style, { ...withSkirt, skirtParts }), 'skirt-front');
      expect(front.cut.layers).toBe('fold');
    }
  });

  test('raised on the bias, both sides of every seam stay alike, and the centre stays as long', () => {
    for (const skirtParts of ['2', '4']) {
      const draft = draftOf(style, { ...withSkirt, skirtParts, circle: '1', biasDrop: inches(1) });
      expectTrue(draft);
      expect(lengthByLibrary(edgeOf(pieceOf(draft, 'skirt-front'), 'centre-front'))).toBeCloseTo(
        inches(22),
        6,
      );
    }
    const flat = pieceOf(draftOf(style, { ...withSkirt, circle: '1' }), 'skirt-front');
    const raised = pieceOf(draftOf(style, { ...withSkirt, circle: '1', biasDrop: inches(1) }), 'skirt-front');
    expect(lengthByLibrary(edgeOf(raised, 'hem'))).not.toBeCloseTo(lengthByLibrary(edgeOf(flat, 'hem')), 0);
  });

  test('a quarter that the hip does not pass is a stop', () => {
    const values = { ...body, hip: inches(48), waistToHip: inches(7) };
    const stop = draftOf(style, { ...withSkirt, circle: '0.25' }, values).findings.find(({ code }) => code === 'skirt-tight-at-hip');
    expect(stop).toMatchObject({ severity: 'stop', remedy: { choice: 'circle', option: '0.5' } });
    expect(draftOf(style, withSkirt, values).findings.map(({ code }) => code)).not.toContain('skirt-tight-at-hip');
  }); // prettier-ignore
});

test('every figure of both parts is the sum that is printed, within a sixteenth for each length', () => {
  const { figures } = draftOf({ id: 'plain-bodice' }, { ...withSleeve, ...withSkirt, skirtParts: '4' });
  const own = figures.filter(({ id }) => id.startsWith('sleeve/') || id.startsWith('skirt-'));
  expect(own.length).toBeGreaterThan(12);
  for (const { id, mm, working } of own) {
    expect([id, Math.abs(working.mm - mm) < 0.05]).toEqual([id, true]);
    const printed = renderWorking(working, 'in');
    expect([printed, Math.abs(addUpPrinted(printed)) <= printed.split(/[+−×÷]/).length / 16]).toEqual([printed, true]);
  }
}); // prettier-ignore

/** Anything that a client may choose of a style, with a part in every slot that takes one. */
function anyParts(style: Style, random: () => number): ChoiceValues {
  const offered = partBook.filter(({ slot }) => style.choices[slot]?.kind === 'option');
  const parts = slotIds.flatMap((slot) => {
    const fitting = offered.filter((part) => part.slot === slot);
    const part = fitting[Math.floor(random() * fitting.length)];
    return part ? [[slot, part.id] as const] : [];
  });
  return { ...anyChoices(style, random), ...Object.fromEntries(parts) };
}

test.each([['ordinary', ordinaryRanges], ['extreme', extremeRanges]] as const)(
  'whatever is chosen of a garment with parts, on %s bodies, it is drawn whole or stopped with what to change',
  (_, ranges) => {
    const random = seededRandom(11);
    const bodies = randomBodies(ranges, 77);
    for (const style of styles)
      for (let count = 0; count < 3; count++) {
        const { upperArm = 0, ...values } = withArm(bodies.next().value.values);
        const arm = { ...values, upperArm: upperArm * (0.8 + 0.5 * random()), hand: inches(8) };
        const draft = draftOf(style, anyParts(style, random), arm);
        const stops = draft.findings.filter(({ severity }) => severity === 'stop');
        for (const stop of stops) expect(findingWords(stop, 'in').remedy).not.toBe('');
        if (stops.length === 0) expectCuttable(draft);
      }
  },
  90_000,
); // prettier-ignore
