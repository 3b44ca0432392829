import { describe, expect, test } from '@jest/globals';
import { chalkLaid } from '../../chalk/chalk-piece.ts';
import type { Heading, Mark } from '../../chalk/mark.ts';
import { readCloths } from '../../formats/order/read-cloths.ts';
import { clothFileOf } from '../../formats/order/write-order.ts';
import { add, point, scale, type Point } from '../../geometry/point.ts';
import { boxOf, moveRing, openHalf } from '../../geometry/ring.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { layFaultWords } from '../../words/lay-fault-words.ts';
import { markWords } from '../../words/mark-words.ts';
import { checkLay } from '../proof/check-lay.ts';
import type { Cloth } from './cloth.ts';
import type { LayManner } from './lay-manner.ts';
import { folds, type Lay, type LayWay, type Placement } from './lay.ts';
import { layPiecesOn, totalArea } from './layable.ts';
import { noFitCache } from '../no-fit/no-fit-cache.ts';
import { layObstacle, planForWork } from '../plan/plan-lay.ts';
import type { LayTask } from './lay-task.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const drafted = recipeOf(fittedDress).draft(draftInput(middleBody)).pieces;
const wide = (change: Partial<Cloth>): Cloth => sampleCloth({ width: inches(60), ...change });
const lying = (manner: LayManner, ...pieces: string[]) => ({
  manners: pieces.map((piece) => ({ piece, manner })),
});
const taskOn = (cloth: Cloth, fold: LayWay): LayTask => ({
  pieces: layPiecesOn(cloth, drafted),
  cloth,
  fold,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
});
/** What is worked out of a pair of pieces serves every lay. */
const cache = noFitCache();
const laidOn = (cloth: Cloth, fold: LayWay = 'open'): Lay => planForWork(taskOn(cloth, fold), 20, cache);
const of = (lay: Lay, id: string): Placement[] => lay.placements.filter(({ piece }) => piece === id);
const codes = (lay: Lay, cloth: Cloth) => [
  ...new Set(checkLay(lay, layPiecesOn(cloth, drafted), cloth).map(({ code }) => code)),
];
const changed = (lay: Lay, id: string, change: (placement: Placement) => Placement): Lay => ({
  ...lay,
  placements: lay.placements.map((each) => (each.piece === id ? change(each) : each)),
});

const ways: { readonly [part: string]: Point } = {
  away: point(0, 1),
  back: point(0, -1),
  left: point(-1, 0),
  right: point(1, 0),
};
/** A heading as a direction of length 1. */
function directionOf(heading: Heading): Point {
  const parts = heading.split('-').map((part) => ways[part] ?? point(0, 0));
  return scale(
    parts.reduce((sum, part) => add(sum, part), point(0, 0)),
    1 / Math.sqrt(parts.length),
  );
}

/** Where the marks of a piece say that its outline lies, measured from the left selvedge and the start, as a tailor with a tape would. */
function chalkedBox(marks: readonly Mark[], id: string) {
  const mark = marks.find(({ piece, kind }) => piece === id && kind === 'place');
  const found = drafted.find(({ piece }) => piece.id === id);
  if (mark?.kind !== 'place' || !found) throw new Error(`${id} is not chalked`);
  const [downs, outs] = [directionOf(mark.downs), directionOf(mark.outs)];
  const start = point(mark.across, mark.fromStart);
  const ring = found.piece.cut.layers === 'fold' ? openHalf(found.outline) : found.outline;
  return boxOf(ring.map(({ x, y }) => add(start, add(scale(outs, x), scale(downs, y)))));
}

describe('a piece on the bias', () => {
  const cloth = wide(lying('bias', 'skirt-front', 'bodice-back'));

  test('lies at 45° and is proved; with its grain along the cloth it would be another lay', () => {
    const lay = laidOn(cloth);
    expect(codes(lay, cloth)).toEqual([]);
    for (const { rotation, mirrored } of [...of(lay, 'skirt-front'), ...of(lay, 'bodice-back')])
      expect(mirrored ? [135, 315] : [45, 225]).toContain(rotation);
    expect(totalArea(layPiecesOn(cloth, drafted))).toBeCloseTo(totalArea(layPiecesOn(wide({}), drafted)), 0);
    expect(codes(lay, wide({}))).toContain('off-its-grain');
    expect(codes(changed(lay, 'skirt-front', (each) => ({ ...each, rotation: 0 })), cloth)).toContain('off-its-grain'); // prettier-ignore
  });

  test('that would be cut on the fold is cut whole, single; a pair may still lie double', () => {
    expect(layObstacle(taskOn(cloth, 'half'))).toBeDefined();
    const lay = laidOn(cloth, 'width');
    expect(codes(lay, cloth)).toEqual([]);
    expect(of(lay, 'skirt-front').map(({ onFold }) => onFold)).toEqual([false]);
  });

  test('is chalked where it lies: its crossing, and which way downs and outs run', () => {
    const lay = laidOn(cloth);
    const marks = chalkLaid(drafted, { startLine: 'stitch', line: 'stitch' }, [lay], [cloth]);
    for (const id of ['skirt-front', 'bodice-back', 'bodice-front']) {
      const [first] = of(lay, id);
      const [told, lies] = [chalkedBox(marks, id), boxOf(first?.polygon ?? [])];
      expect([told.minX - lies.minX, told.maxX - lies.maxX, told.minY - lies.minY, told.maxY - lies.maxY].every((off) => Math.abs(off) < 0.1)).toBe(true); // prettier-ignore
    }
    const place = marks.find(({ piece, kind }) => piece === 'skirt-front' && kind === 'place');
    expect(place && markWords(place, 'in').text).toContain('On the bias, halfway between length and width');
  });

  test('on cloth with a nap points with it like every other', () => {
    const oneWay = { ...cloth, oneWay: true };
    const lay = laidOn(oneWay);
    expect(codes(lay, oneWay)).toEqual([]);
    const upended = changed(lay, 'skirt-front', (each) => ({
      ...each,
      rotation: (each.rotation + 180) % 360,
      polygon: moveRing(each.polygon.map(({ x, y }) => point(-x, -y)), 0, 0), // prettier-ignore
    }));
    expect(codes(upended, oneWay)).toContain('against-the-nap');
  });
});

describe('cloth that stretches along its length', () => {
  const cloth = wide({ stretch: 'along' });

  test('is laid across, so that the stretch goes around the body, but for what is said to lie otherwise', () => {
    const lay = laidOn({ ...cloth, ...lying('grain', 'skirt-back') });
    expect(lay.placements.every(({ piece, rotation }) => (rotation % 180 === 90) === (piece !== 'skirt-back'))).toBe(true); // prettier-ignore
    expect(codes(lay, { ...cloth, ...lying('grain', 'skirt-back') })).toEqual([]);
  });

  test('is laid in every fold that is left, and proved', () => {
    const possible = folds.filter((fold) => !layObstacle(taskOn(cloth, fold)));
    expect(possible).toContain('open');
    for (const fold of possible) expect([fold, codes(laidOn(cloth, fold), cloth)]).toEqual([fold, []]);
  });
});

describe('a hem on the border', () => {
  test.each(['left', 'right'] as const)('lies on the %s selvedge, and nowhere else', (border) => {
    const cloth = wide({ border, ...lying('border', 'skirt-front', 'skirt-back') });
    const lay = laidOn(cloth);
    expect(codes(lay, cloth)).toEqual([]);
    const edge = border === 'left' ? lay.usable[0] : lay.usable[1];
    const skirts = [...of(lay, 'skirt-front'), ...of(lay, 'skirt-back')];
    expect(skirts).toHaveLength(3);
    for (const { polygon } of skirts) {
      const { minX, maxX } = boxOf(polygon);
      expect(border === 'left' ? minX : maxX).toBeCloseTo(edge, 3);
    }
    const moved = changed(lay, 'skirt-front', (each) => ({
      ...each,
      polygon: moveRing(each.polygon, border === 'left' ? 25.4 : -25.4, 0),
    }));
    expect(codes(moved, cloth)).toContain('off-the-border');
    // The waist on the border is no hem on it.
    const other = { ...cloth, border: border === 'left' ? 'right' : 'left' } as const;
    expect(codes(lay, other)).toEqual(['off-the-border']);
    expect(layFaultWords({ code: 'off-the-border', pieces: ['skirt-front 1'], mm: 0 }, 'in')).toContain('another side than its hem'); // prettier-ignore
  });

  test('needs a border on the cloth; how a piece lies is said once, and comes back from its file', () => {
    const file = clothFileOf(wide({ border: 'left', manners: [{ piece: 'skirt-front', manner: 'border' }, { piece: 'bodice-front', manner: 'block', margin: 20 }] })); // prettier-ignore
    const back = readCloths([file], 'in');
    expect(back.ok && back.value[0]).toMatchObject({ border: 'left', manners: [{ piece: 'skirt-front', manner: 'border' }, { piece: 'bodice-front', manner: 'block', margin: 20 }] }); // prettier-ignore
    const { border, ...without } = file;
    expect(border).toBe('left');
    const none = readCloths([without], 'in');
    expect(!none.ok && none.fault).toMatchObject({ field: 'cloths.0.border' });
    const twice = readCloths([{ ...file, manners: [...(file.manners ?? []), { piece: 'skirt-front', manner: 'bias' }] }], 'in'); // prettier-ignore
    expect(!twice.ok && twice.fault.message).toContain('said twice');
    const much = readCloths([{ ...file, manners: [{ piece: 'skirt-front', manner: 'block', margin: '1yd' }] }], 'in'); // prettier-ignore
    expect(!much.ok && much.fault.field).toBe('cloths.0.manners.0.margin');
  });
});

describe('a block that is fused first', () => {
  const margin = inches(1);
  const cloth = wide({
    manners: ['bodice-front', 'bodice-back'].map((piece) => ({ piece, manner: 'block', margin }) as const),
  });

  test('is laid in place of its piece, with a margin all around, but not over the fold', () => {
    const lay = laidOn(cloth, 'width');
    expect(codes(lay, cloth)).toEqual([]);
    for (const id of ['bodice-front', 'bodice-back']) {
      const own = boxOf(drafted.find(({ piece }) => piece.id === id)?.outline ?? []);
      for (const { polygon, onFold } of of(lay, id)) {
        expect(totalArea([{ id, cut: { copies: 1, layers: 'single' }, outline: polygon }])).toBeCloseTo((boxOf(polygon).maxX - boxOf(polygon).minX) * (boxOf(polygon).maxY - boxOf(polygon).minY), 3); // prettier-ignore
        const block = boxOf(polygon);
        expect(block.maxY - block.minY).toBeCloseTo(own.maxY - own.minY + 2 * margin, 6);
        const width = onFold ? 2 * (own.maxX + margin) : own.maxX - own.minX + 2 * margin;
        expect(block.maxX - block.minX).toBeCloseTo(width, 6);
      }
    }
  });

  test('is chalked and cut first; its piece is measured from the block’s own edges', () => {
    const lay = laidOn(cloth);
    const marks = chalkLaid(drafted, { startLine: 'stitch', line: 'stitch' }, [lay], [cloth]);
    const back = marks.filter(({ piece }) => piece === 'bodice-back');
    expect(back.slice(0, 3).map(({ kind }) => kind)).toEqual(['block', 'block', 'place']);
    const [first] = of(lay, 'bodice-back');
    const lies = boxOf(first?.polygon ?? []);
    const [block, , place] = back;
    if (block?.kind !== 'block' || place?.kind !== 'place') throw new Error('expected a block');
    expect([block.across, block.fromStart]).toEqual([lies.minX, lies.minY]);
    expect([block.width, block.height]).toEqual([lies.maxX - lies.minX, lies.maxY - lies.minY]);
    const own = boxOf(drafted.find(({ piece }) => piece.id === 'bodice-back')?.outline ?? []);
    expect(place.fromStart).toBeCloseTo(margin - own.minY, 6);
    expect(place.across).toBeCloseTo(margin - own.minX, 6);
    expect(markWords(place, 'in').figures.map(({ word }) => word)).toEqual(['in from the block’s edge', 'in from the block’s edge']); // prettier-ignore
    expect(markWords(block, 'in').figures).toHaveLength(4);
  });
});

describe('a start line at the cut edge', () => {
  test('crosses the centre where the allowance ends, up from where the stitch line starts', () => {
    const cloth = wide({});
    const lay = laidOn(cloth);
    const [stitch, cut] = (['stitch', 'cut'] as const).map((startLine) =>
      chalkLaid(drafted, { startLine, line: 'stitch' }, [lay], [cloth]).find(
        ({ piece, kind }) => piece === 'bodice-front' && kind === 'place',
      ),
    );
    if (stitch?.kind !== 'place' || cut?.kind !== 'place') throw new Error('expected a place');
    const back = stitch.downs === 'away' ? 1 : -1;
    expect(back * (stitch.fromStart - cut.fromStart)).toBeCloseTo(inches(0.5), 6);
    expect(cut.across).toBeCloseTo(stitch.across, 6);
  });
});
