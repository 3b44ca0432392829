import { describe, expect, test } from '@jest/globals';
import { point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { plainPanel } from '../testing/plain-panel.ts';
import { plainLength } from '../testing/plain-length.ts';
import { leavesOf, minus, times } from '../workings/working.ts';
import { carryDimensions, declared, withDimensions, workingOf } from './carry-dimensions.ts';
import { corner, down, run } from './dimension.ts';
import { litPlace } from './lit-place.ts';
import { roleLength, type Piece } from './piece.ts';
import { readPlace } from './read-place.ts';

const side = run('side', 'Side seam', 'side', plainLength(roleLength(plainPanel, 'side')));
const waist = down('waist', 'Waist, down', 'waist', 'centre', plainLength(400));
const panel: Piece = { ...plainPanel, dimensions: [side, waist] };

/** The panel with its side's lower end moved down. */
const longer = (piece: Piece, by: number): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) => {
    const [segment] = edge.path;
    return edge.role === 'side' && segment
      ? { ...edge, path: [line(segment.a, point(segment.b.x, segment.b.y + by))] }
      : edge;
  }),
});

describe('a dimension', () => {
  test('is read at its place, and lit there', () => {
    expect(readPlace(panel, side)?.mm).toBeCloseTo(roleLength(panel, 'side'), 9);
    expect(readPlace(panel, waist)).toMatchObject({ mm: 400, moves: { way: point(0, 1) } });
    const neck = corner('neck', 'Neck, across', 'out', { of: 'neck', end: 'end' }, plainLength(60));
    expect(litPlace(panel, neck.at).points).toHaveLength(1);
    expect(litPlace(panel, side.at).edges).toEqual(['side']);
    expect(litPlace(panel, waist.at)).toMatchObject({ level: 'waist', edges: [] });
  });

  test('has no reading on a piece without its place, which is an error where it is declared', () => {
    const hip = down('hip', 'Hip, down', 'hip', 'centre', plainLength(600));
    expect(readPlace(panel, hip)).toBeUndefined();
    expect(() => declared(panel, hip, 'curve')).toThrow('no place for hip');
  });

  test('says by how much the drawing misses its sum, and by what', () => {
    const short = declared(panel, { ...waist, working: plainLength(390) }, 'slant');
    expect(short.working.mm).toBeCloseTo(400, 9);
    expect(leavesOf(short.working)[1]).toMatchObject({ leaf: { change: 'slant' }, factor: 1 });
  });
});

describe('carried over an operation', () => {
  const after = longer(panel, 30);

  test('what it leaves alone stays as it is, and what it moves is told by the terms of its plan', () => {
    const carried = carryDimensions(panel, after, ({ at }) =>
      at.kind === 'run' ? { terms: [minus(plainLength(-30))], change: 'curve' } : { change: 'curve' },
    );
    expect(workingOf(carried, 'waist')).toBe(waist.working);
    expect(workingOf(carried, 'side')?.mm).toBeCloseTo(roleLength(after, 'side'), 9);
  });

  test('a sum may become another; what that misses is the change, by as much as the place moved', () => {
    const carried = carryDimensions(panel, after, () => ({
      becomes: (working) => times(working, 1),
      change: 'trued',
    }));
    const moved = roleLength(after, 'side') - roleLength(panel, 'side');
    const [, change] = leavesOf(workingOf(carried, 'side') ?? plainLength(0));
    expect(change?.leaf).toMatchObject({ kind: 'change', change: 'trued' });
    expect(change?.leaf.mm).toBeCloseTo(moved, 9);
  });

  test('what it has no effect for, or no place, is left out', () => {
    expect(carryDimensions(panel, after, () => undefined).dimensions).toEqual([]);
    const bare = { ...after, levels: [] };
    expect(carryDimensions(panel, bare, () => ({ change: 'curve' })).dimensions).toHaveLength(1);
  });

  test('a piece that is drawn to be measured alone gets none', () => {
    expect(carryDimensions(plainPanel, after, () => ({ change: 'curve' }))).toBe(after);
    expect(withDimensions(plainPanel, side)).toBe(plainPanel);
    expect(withDimensions(panel, side).dimensions).toHaveLength(3);
  });
});
