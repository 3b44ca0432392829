import { describe, expect, test } from '@jest/globals';
import { sampleCloth } from '../testing/sample-cloth.ts';
import { distance } from '../geometry/point.ts';
import { boxOf } from '../geometry/ring.ts';
import { outlineCount } from '../lay/model/lay.ts';
import { layPiecesOn } from '../lay/model/layable.ts';
import { planForWork } from '../lay/plan/plan-lay.ts';
import { edgeLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { markLine, markWords } from '../words/mark-words.ts';
import { contrast, chalkFor, chalks, markInHand } from './chalk-colour.ts';
import { chalkOrigin } from './chalk-origin.ts';
import { chalkAll, chalkLaid, chalkPiece } from './chalk-piece.ts';
import { largestDrift } from './check-chalk.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { bustierBodice } from '../styles/bustier-bodice.ts';
import { tubeTop } from '../styles/tube-top.ts';
import { waistcoat } from '../styles/waistcoat.ts';
import { bandedOffShoulderTop } from '../styles/banded-off-shoulder-top.ts';
import { halterBodice } from '../styles/halter-bodice.ts';
import type { Style } from '../styles/style.ts';
import { recipeOf } from '../styles/recipe-book.ts';

const byStitch = { startLine: 'stitch', line: 'stitch' } as const;
const { pieces } = recipeOf(fittedDress).draft(draftInput(middleBody));
const marks = chalkAll(pieces, byStitch);
const front = pieces[0];
if (!front) throw new Error('expected the bodice front');

describe('panels of a princess seam', () => {
  const bustier = recipeOf(bustierBodice).draft(draftInput(middleBody));
  const titlesOf = (id: string): string[] => {
    const drafted = bustier.pieces.find(({ piece }) => piece.id === id);
    if (!drafted) throw new Error(`no ${id}`);
    return chalkPiece(drafted, byStitch).map((mark) => {
      const { title, text } = markWords(mark, 'in');
      return `${title}: ${text}`;
    });
  };

  test('the centre panel ends at the seam, not at the side or the underarm', () => {
    const said = titlesOf('bodice-front-centre').join('\n');
    expect(said).toContain('Seam at the armhole: From the start line and from the centre.');
    expect(said).toContain('Bust line at the seam');
    expect(said).not.toMatch(/Underarm|at the side/);
  });

  test('the side panel has no centre: its outs are from the grain line', () => {
    const said = titlesOf('bodice-front-side').join('\n');
    expect(said).toContain('Underarm: From the start line and from the grain line.');
    expect(said).not.toMatch(/from the centre|bust dart/);
  });
});

describe('fronts that open, and edges without a shoulder', () => {
  const said = (style: Style, id: string): string => {
    const drafted = recipeOf(style)
      .draft(draftInput(middleBody))
      .pieces.find(({ piece }) => piece.id === id);
    if (!drafted) throw new Error(`no ${id}`);
    return chalkPiece(drafted, byStitch)
      .map((mark) => markWords(mark, 'in'))
      .map(({ title, text }) => `${title}: ${text}`)
      .join('\n');
  };

  test('a front with a stand is chalked from its centre line, with both ends of its front edge', () => {
    const front = said(waistcoat, 'forepart-front-centre');
    expect(front).toContain('Top of the front edge: From the start line and from the centre.');
    expect(front).toContain('Foot of the front edge');
    expect(front).not.toContain('grain line');
  });

  test('the point that a hem falls to is marked, and no place twice', () => {
    const drafted = recipeOf(waistcoat)
      .draft(draftInput(middleBody))
      .pieces.find(({ piece }) => piece.id === 'forepart-front-centre');
    if (!drafted) throw new Error('no forepart');
    const points = chalkPiece(drafted, byStitch).flatMap((mark) => (mark.kind === 'point' ? [mark] : []));
    const lowest = Math.max(...drafted.stitch.map(({ y }) => y));
    expect(points.find(({ meet }) => meet?.join() === 'hem')?.down).toBeCloseTo(lowest, 6);
    const places = points.map(({ out, down }) => `${Math.round(out)} ${Math.round(down)}`);
    expect(new Set(places).size).toBe(places.length);
  });

  test('every straight line has both its ends marked, on strips too', () => {
    for (const drafted of recipeOf(halterBodice).draft(draftInput(middleBody)).pieces) {
      if (drafted.piece.template) continue;
      const marks = chalkPiece(drafted, byStitch);
      const points = marks.flatMap((mark) => (mark.kind === 'point' ? mark.points : []));
      for (const slope of marks.filter(({ kind }) => kind === 'slope'))
        for (const end of slope.points)
          expect([drafted.piece.id, points.some((p) => distance(p, end) < 1)]).toEqual([
            drafted.piece.id,
            true,
          ]);
    }
  });

  test('a piece that begins below the start line is chalked from its own top, and says how far below that is', () => {
    const panel = recipeOf(tubeTop)
      .draft(draftInput(middleBody))
      .pieces.find(({ piece }) => piece.id === 'bodice-back-side');
    if (!panel) throw new Error('no side panel');
    const { at, below } = chalkOrigin(panel, byStitch);
    const box = boxOf(panel.outline);
    expect([at.y >= box.minY && at.y <= box.maxY, at.x >= box.minX && at.x <= box.maxX]).toEqual([
      true,
      true,
    ]);
    expect(below).toBeGreaterThan(100);
    for (const mark of chalkPiece(panel, byStitch))
      if (mark.kind === 'point') expect(mark.down).toBeGreaterThan(-1);
  });

  test('loops are notched in their order down the side, and told', () => {
    const halter = said(halterBodice, 'bodice-front');
    expect(halter.match(/Notch for a loop, side, above[\s\S]*Notch for a loop, side, below/)).not.toBeNull();
    expect(halter).not.toMatch(/^Notch, side/m);
  });

  test('a strapless panel has both ends of its top edge, and no neck', () => {
    const cup = said(tubeTop, 'cup-front-centre');
    expect(cup).toMatch(/Top edge, inner end[\s\S]*Top edge, outer end/);
    expect(cup).not.toMatch(/neck|shoulder/i);
  });
});

describe('what the hand needs beside the figures', () => {
  test('a pointed front is chalked from corner to corner: its point is a mark, and both lines to it are ruled', () => {
    const drafted = recipeOf(waistcoat)
      .draft(draftInput(middleBody))
      .pieces.find(({ piece }) => piece.id === 'forepart-front-centre');
    if (!drafted) throw new Error('no forepart');
    const own = chalkPiece(drafted, byStitch);
    const lowest = drafted.stitch.reduce((low, p) => (p.y > low.y ? p : low));
    const marked = own.filter(({ kind }) => kind === 'point').flatMap(({ points }) => points);
    expect(Math.min(...marked.map((p) => distance(p, lowest)))).toBeLessThan(0.01);
    const ruled = own.filter((mark) => mark.kind === 'slope' && mark.edge === 'hem');
    expect(ruled).toHaveLength(2);
    for (const end of ruled.flatMap(({ points }) => points))
      expect(Math.min(...marked.map((p) => distance(p, end)))).toBeLessThan(1);
  });

  test('no two marks of a piece are found by measuring to one place', () => {
    for (const { piece } of pieces) {
      const places = marks
        .filter((mark) => mark.piece === piece.id && mark.kind === 'point')
        .flatMap(({ points }) => points);
      places.forEach((p, index) =>
        places.slice(0, index).forEach((q) => expect(distance(p, q)).toBeGreaterThanOrEqual(1)),
      );
    }
  });

  test('a dart says where its mouth lies and which way it is folded when its edge is cut', () => {
    const dart = marks.find(
      (mark) => mark.piece === 'bodice-front' && mark.kind === 'dart' && mark.dart === 'waist-dart-1',
    );
    if (!dart) throw new Error('no dart');
    const { text } = markWords(dart, 'in');
    expect(text).toMatch(/Its mouth, across and down: [^.]*, 17[^.]* and [^.]*, 17/);
    expect(text).toMatch(
      /Fold it towards the centre before that edge is cut, so that its roof is cut with it/,
    );
    // On the line of the shears its roof is chalked.
    const onCut = chalkAll(pieces, { ...byStitch, line: 'cut' }).filter(({ kind }) => kind === 'dart');
    expect(onCut.length).toBeGreaterThan(0);
    for (const mark of onCut) expect(markWords(mark, 'in').text).toMatch(/Its roof is in the chalk already/);
  });

  test('a piece that is not laid says how far its start line and its centre stay from the edges of the cloth', () => {
    for (const drafted of pieces.filter(({ piece }) => !piece.template)) {
      const [start] = chalkPiece(drafted, byStitch);
      if (start?.kind !== 'start-line' || !start.room) throw new Error(`${drafted.piece.id} says nothing`);
      const { minX, minY } = boxOf(drafted.outline);
      const { x, y } = start.origin;
      expect([x - start.room.beside, y - start.room.above]).toEqual([
        expect.closeTo(minX, 6),
        expect.closeTo(minY, 6),
      ]);
      expect(markWords(start, 'in').text).toMatch(
        /Not laid yet: draw it at least .* below the start of the cloth/,
      );
    }
  });
});

describe('chalkPiece', () => {
  test('marks come in the order of the trade, numbered from one', () => {
    const own = chalkPiece(front, byStitch);
    expect(own.map(({ order }) => order)).toEqual(own.map((_, index) => index + 1));
    const kinds = own.map(({ kind }) => kind).filter((kind, index, all) => kind !== all[index - 1]);
    expect(kinds).toEqual([
      'start-line',
      'level',
      'point',
      'slope',
      'curve',
      'dart',
      'allowance',
      'notch',
      'label',
    ]);
  });

  test('the largest piece is chalked first', () => {
    const order = [...new Set(marks.map(({ piece }) => piece))];
    expect(order.indexOf('skirt-front')).toBeLessThan(order.indexOf('bodice-back'));
  });

  test('every edge that is sewn is drawn, every allowance added once', () => {
    for (const { piece } of pieces.filter((each) => each.piece.template === undefined)) {
      const own = marks.filter((mark) => mark.piece === piece.id);
      const drawn = own.flatMap((mark) =>
        mark.kind === 'slope' || mark.kind === 'curve' ? [mark.edge] : [],
      );
      expect(drawn.sort()).toEqual(
        piece.edges.flatMap(({ id, role }) => (role === 'fold' || role === 'dart' ? [] : [id])).sort(),
      );
      const allowed = own.flatMap((mark) => (mark.kind === 'allowance' ? [mark.role] : []));
      expect(new Set(allowed).size).toBe(allowed.length);
    }
  });

  test('a shop whose start line is the cut edge finds every down longer by the allowance', () => {
    const [stitch, cut] = (['stitch', 'cut'] as const).map((startLine) =>
      chalkPiece(front, { ...byStitch, startLine }).find(
        (mark) => mark.kind === 'point' && mark.name === 'underarm',
      ),
    );
    if (stitch?.kind !== 'point' || cut?.kind !== 'point') throw new Error('expected the underarm');
    expect(cut.down - stitch.down).toBeCloseTo(inches(0.5), 9);
    expect(cut.out).toBe(stitch.out);
  });

  test('where a piece starts is the crossing of its start line and centre on the cloth', () => {
    const cloth = sampleCloth();
    for (const fold of ['open', 'half', 'width'] as const) {
      const lay = planForWork(
        { pieces: layPiecesOn(cloth, pieces), cloth, fold, seed: 2, shrinkPercent: 0, buyIn: 'yd' },
        4,
      );
      const laid = chalkLaid(pieces, byStitch, [lay], [cloth]);
      expect(laid.filter(({ kind }) => kind === 'place' || kind === 'again')).toHaveLength(outlineCount(lay));
      for (const mark of laid) {
        if (mark.kind !== 'place' && mark.kind !== 'again') continue;
        const copy = mark.kind === 'place' ? 0 : mark.copy;
        const placement = lay.placements.find((each) => each.piece === mark.piece && each.copy === copy);
        const drafted = pieces.find(({ piece }) => piece.id === mark.piece);
        if (!placement || !drafted) throw new Error('expected a placement');
        const depth = boxOf(drafted.outline);
        const expected =
          mark.downs === 'away'
            ? boxOf(placement.polygon).minY - depth.minY
            : boxOf(placement.polygon).maxY + depth.minY;
        expect(mark.fromStart).toBeCloseTo(expected, 6);
        if (mark.onFold) expect(mark.across).toBeCloseTo(0, 3);
      }
    }
  });

  test('a stay is traced around the facing that it is fused to', () => {
    const kinds = marks.filter(({ piece }) => piece === 'stay-facing-front').map(({ kind }) => kind);
    expect(kinds).toEqual(['trace', 'label']);
  });

  test('a lining is traced around the outer piece, then its hem is cut shorter by what the outer turns up', () => {
    const top = recipeOf(bandedOffShoulderTop).draft(draftInput(middleBody));
    const lining = top.pieces.find(({ piece }) => piece.id === 'lining-bodice-front-centre');
    const trace = lining && chalkPiece(lining, byStitch).find(({ kind }) => kind === 'trace');
    const said = trace && markWords(trace, 'in');
    expect(said?.text).toContain('Then cut the hem 1 shorter.');
    expect(said?.figures).toEqual([{ value: '1', word: 'off the hem' }]);
  });

  test('marks rounded to the tape keep every edge as long as rounding its two ends can make it', () => {
    // Each end is off by a sixteenth at most, down and out.
    expect(largestDrift(marks, 'in')).toBeLessThan(inches((2 * Math.SQRT2) / 16));
    expect(largestDrift(marks, 'cm')).toBeLessThan(5 * Math.SQRT2);
  });

  test('what is said of a mark is what is drawn', () => {
    const shoulder = marks.find(
      (mark) => mark.kind === 'slope' && mark.piece === 'bodice-front' && mark.edge === 'shoulder',
    );
    const edge = front.piece.edges.find(({ id }) => id === 'shoulder');
    if (shoulder?.kind !== 'slope' || !edge) throw new Error('expected the shoulder');
    expect(shoulder.mm).toBeCloseTo(edgeLength(edge), 9);
    expect(markWords(shoulder, 'in').figures[0]?.word).toBe('long');
    const raised = marks.find((mark) => mark.kind === 'point' && mark.down < 0);
    if (!raised) throw new Error('expected a raised side');
    expect(markLine(raised, 'in')).toContain(' up');
    expect(markLine(raised, 'in')).not.toContain('−');
  });
});

describe('chalk colour', () => {
  // Contrast ratios after WCAG 2.2, section 1.4.3: black on white is 21, mid grey #767676 on white 4.54.
  test('contrast is measured as WCAG does', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6);
    expect(contrast('#767676', '#ffffff')).toBeCloseTo(4.54, 2);
  });

  test('white where it shows, another where it would not', () => {
    expect(chalkFor('#23545b').name).toBe('white');
    expect(['blue', 'red']).toContain(chalkFor('#fbfaf6').name);
    for (const cloth of ['#23545b', '#fbfaf6', '#cfc4a8', '#7d2f33', '#888888', '#d4b13f']) {
      expect(contrast(chalkFor(cloth).colour, cloth)).toBeGreaterThan(3);
      expect(contrast(markInHand(cloth), cloth)).toBeGreaterThan(1.4);
      expect(chalks).toContain(chalkFor(cloth));
    }
  });
});
