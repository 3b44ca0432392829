import { describe, expect, test } from '@jest/globals';
import { chalkAll } from '../chalk/chalk-piece.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { distance } from '../geometry/point.ts';
import { edgeLength, edgeOf } from '../pieces/piece.ts';
import { draftOrder } from '../shop/draft-order.ts';
import { childInput, draftInput, middleBody } from '../testing/bodies.ts';
import { childBody, childSizes } from '../testing/child-size-table.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { pieceNamed } from '../testing/piece-named.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { childCrossedNetGown } from './child-crossed-net-gown.ts';
import { recipeOf } from './recipe-book.ts';

const [small] = childSizes;
const draftOf = (choices: ChoiceValues = {}) =>
  recipeOf(childCrossedNetGown).draft(childInput(childBody(small), choices));
const pieceOf = (id: string, choices: ChoiceValues = {}) => pieceNamed(draftOf(choices), id);

describe('the crossed-net gown', () => {
  // On a grown woman as well; on children every size is tried with all styles.
  expectStyleSound(childCrossedNetGown, [{}, { netGather: '3', netLayers: '6' }]);

  test('a child’s bodice has neither bust dart nor anything taken out of its top edge', () => {
    const { pieces } = draftOf();
    expect(pieces.flatMap(({ piece }) => piece.darts.filter(({ id }) => id === 'bust-dart'))).toEqual([]);
    const grown = recipeOf(childCrossedNetGown).draft(draftInput(middleBody));
    const taken = (draft: typeof grown) =>
      draft.pieces.flatMap(({ piece }) =>
        piece.intakes.filter(({ operation }) => operation === 'contour over the bust'),
      );
    expect(taken(grown).length).toBeGreaterThan(0);
    expect(taken(draftOf())).toEqual([]);
  });

  // Waist to opposite shoulder less its take-up, twice; common practice, no source.
  test('the net is cut as much shorter, front and back, as it is taken up, and as much wider as it is gathered', () => {
    const along = (netTight: number) => edgeLength(edgeOf(pieceOf('net-crossed', { netTight }), 'band'));
    expect(along(inches(1)) - along(inches(2))).toBeCloseTo(inches(2), 6);
    const wide = (netGather: string) =>
      lengthByLibrary(edgeOf(pieceOf('net-crossed', { netGather }), 'end-start'));
    expect(wide('3') / wide('1.5')).toBeCloseTo(2, 6);
    expect(pieceOf('net-crossed').cut).toEqual({ copies: 2, layers: 'pair' });
  });

  test('each layer of net in the skirt is gathered to the waist from so many equal strips', () => {
    const draft = draftOf({ netRatio: '8', netLayers: '4' });
    const net = draft.pieces.find(({ piece }) => piece.id === 'skirt-net')?.piece;
    if (!net) throw new Error('no net');
    const [a, b] = [edgeOf(net, 'upper').path[0]?.a, edgeOf(net, 'upper').path[0]?.b];
    const strip = a && b ? distance(a, b) : NaN;
    const waist = draft.rounds.find(({ level }) => level === 'waist')?.finished ?? NaN;
    expect((net.cut.copies / 4) * strip).toBeCloseTo(8 * waist, 0);
  });

  test('of net and of buttons the usual cautions are told for a child, and for no one else', () => {
    const codes = (kind: 'child' | 'adult') => {
      const input = kind === 'child' ? childInput(childBody(small)) : draftInput(middleBody);
      const client = { name: 'Somebody', kind };
      return draftOrder({ ...input, client, style: childCrossedNetGown, cloths: [] }).findings.map(
        ({ code }) => code,
      );
    };
    expect(codes('child')).toContain('child-burns-fast');
    expect(codes('child')).not.toContain('not-for-children');
    expect(codes('adult')).not.toContain('child-burns-fast');
  });

  test('every piece is chalked to its label', () => {
    const { pieces } = draftOf();
    const marks = chalkAll(pieces, { startLine: 'stitch', line: 'stitch' });
    for (const { piece } of pieces)
      expect(marks.filter((mark) => mark.piece === piece.id).at(-1)?.kind).toBe('label');
  });
});
