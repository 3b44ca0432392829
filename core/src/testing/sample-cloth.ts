import { point } from '../geometry/point.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import type { LayPiece } from '../lay/model/layable.ts';
import { inches } from '../units/length.ts';

/** Cloth 45 in wide, still to be bought, for tests to change. */
export const sampleCloth = (change: Partial<Cloth> = {}): Cloth => ({
  role: 'outer',
  name: '',
  colour: '#000000',
  width: inches(45),
  selvedge: inches(0.5),
  length: null,
  oneWay: false,
  ...change,
});

/** A rectangle to lay, in inches, on the fold or as a pair: its lays can be worked out on paper. */
export const samplePanel = (id: string, layers: 'fold' | 'pair', wide: number, long: number): LayPiece => ({
  id,
  cut: { layers, copies: layers === 'fold' ? 1 : 2 },
  outline: [point(0, 0), point(inches(wide), 0), point(inches(wide), inches(long)), point(0, inches(long))],
});
