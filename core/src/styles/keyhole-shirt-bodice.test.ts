import { describe, expect, test } from '@jest/globals';
import { startOf } from '../geometry/curve.ts';
import { edgeLength, edgeOf, roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { keyholeShirtBodice } from './keyhole-shirt-bodice.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (choices: ChoiceValues = {}) =>
  recipeOf(keyholeShirtBodice).draft(draftInput(middleBody, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}) => {
  const found = draft(choices).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

describe('the keyhole shirt bodice', () => {
  expectStyleSound(keyholeShirtBodice, [{}, { placket: inches(2), cutDepth: inches(6), wedge: inches(1.5) }]);

  test('the front edge lies half a strip inside the centre, and the finished round is as wide all the same. Common practice', () => {
    const front = edgeOf(pieceOf('bodice-front-centre', { placket: inches(1.5) }), 'front-edge');
    expect(startOf(front.path).x).toBeCloseTo(inches(0.75), 6);
    const waist = draft({ placket: inches(1.5) }).rounds.find(({ level }) => level === 'waist');
    expect(waist?.ease).toBeCloseTo(waist?.wantedEase ?? 0, 0);
  });

  test('the placket is as long as the front edge and the cut-out, twice its width and two joins across', () => {
    const front = pieceOf('bodice-front-centre');
    const placket = pieceOf('placket');
    const length = edgeLength(edgeOf(front, 'front-edge')) + edgeLength(edgeOf(front, 'cut-out'));
    expect(edgeLength(edgeOf(placket, 'band'))).toBeCloseTo(length, 6);
    // 1 finished from a 3 strip: common practice, no source.
    const across = edgeLength(edgeOf(placket, 'end-start')) + 2 * (placket.edges[1]?.allowance ?? 0);
    expect(across).toBeCloseTo(inches(3), 6);
  });

  test('buttons stand evenly on the finished half of the placket, along the front edge and clear of its ends', () => {
    const placket = pieceOf('placket', { buttons: '4', placket: inches(1.25) });
    const edge = edgeLength(edgeOf(pieceOf('bodice-front-centre', { placket: inches(1.25) }), 'front-edge'));
    expect(placket.buttons?.map(({ x }) => x / inches(1.25))).toEqual([0.5, 0.5, 0.5, 0.5]);
    const places = placket.buttons?.map(({ y }) => y) ?? [];
    const gaps = places.slice(1).map((y, index) => y - (places[index] ?? 0));
    for (const gap of gaps) expect(gap).toBeCloseTo(edge / 4, 6);
    expect(places[0]).toBeCloseTo(edge / 8, 6);
    const apart = draft({ buttons: '4', placket: inches(1.25) }).figures.find(
      ({ id }) => id === 'placket/buttons-apart',
    );
    expect(apart?.mm).toBeCloseTo(edge / 4, 6);
    expect(pieceOf('stay-placket').buttons).toEqual([]);
  });

  test('the cut-out takes its wedge of the neckline, and the collar is cut for what is left', () => {
    const neck = (wedge: number) => roleLength(pieceOf('bodice-front-centre', { wedge }), 'neck');
    expect(neck(inches(0.5)) - neck(inches(1))).toBeCloseTo(inches(0.5), 6);
    const collar = roleLength(pieceOf('collar'), 'band');
    const necks =
      roleLength(pieceOf('bodice-front-centre'), 'neck') + roleLength(pieceOf('bodice-back-centre'), 'neck');
    expect(collar).toBeCloseTo(necks + inches(0.5), 2);
    expect(pieceOf('collar').cut).toEqual({ copies: 2, layers: 'fold' });
  });
});
