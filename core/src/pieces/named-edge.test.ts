import { expect, test } from '@jest/globals';
import { plainPanel } from '../testing/plain-panel.ts';
import { edgesByName, idsIn, nameOfEdge } from './named-edge.ts';

const front = { ...plainPanel, id: 'front' };
const back = { ...plainPanel, id: 'back' };

test('every edge is found again by its name, on its own piece', () => {
  const find = edgesByName([front, back]);
  for (const piece of [front, back])
    for (const edge of piece.edges) {
      const name = nameOfEdge(piece, edge);
      expect(find(name)).toEqual({ piece, edge });
      expect(idsIn(name)).toEqual({ piece: piece.id, edge: edge.id });
    }
});

test('a name that no piece has is found nowhere', () => {
  expect(edgesByName([front])('back/side')).toBeUndefined();
  expect(edgesByName([front])('front/frill')).toBeUndefined();
});
