import type { LayManner } from '../lay/model/lay-manner.ts';
import { capital } from '../text/capital.ts';
import type { LayWay } from '../lay/model/lay.ts';
import type { ClothRole, EdgeRole, Piece } from '../pieces/piece.ts';

/** Pieces that the shop calls otherwise than their ids. */
const calledOtherwise: { readonly [id: string]: string } = {
  lace: 'back tie',
  loops: 'loop strip',
  belt: 'tie belt',
  'net-front': 'net V front',
  'forepart-front-centre': 'forepart',
  'forepart-front-side': 'forepart side',
};

/** Piece ids as the shop says them; a lining, stay or net is called after what it lies under. */
export const pieceName = (id: string): string => {
  const [, number, own = id] = /^(\d+):(.*)$/.exec(id) ?? [];
  const [, layer = '', base = own] = /^((?:lining|stay|net)-)?(.*)$/.exec(own) ?? [];
  const called = calledOtherwise[own] ?? `${layer}${calledOtherwise[base] ?? base}`;
  const name = called.replaceAll('-', ' ');
  return number === undefined ? capital(name) : `Nº ${number} ${name}`;
};

export const roleName: { readonly [role in EdgeRole]: string } = {
  fold: 'fold',
  centre: 'centre back',
  join: 'join at the fold',
  neck: 'neck',
  shoulder: 'shoulder',
  armhole: 'armhole',
  side: 'side',
  underarm: 'underarm seam',
  waist: 'waist',
  fork: 'fork',
  inseam: 'inseam',
  dart: 'dart',
  princess: 'princess seam',
  slit: 'slit',
  inner: 'facing to lining',
  top: 'top edge',
  front: 'front edge',
  cup: 'cup seam',
  flare: 'flare seam',
  cuff: 'cuff seam at the sleeve',
  tier: 'tier seam',
  yoke: 'yoke seam',
  band: 'long edge',
  free: 'long edge',
  end: 'short end',
  hem: 'hem',
};

export const cutName = (layers: 'single' | 'pair' | 'fold', copies: number): string => {
  switch (layers) {
    case 'fold':
      return `${copies} on the fold`;
    case 'pair':
      return copies === 2 ? 'a pair' : `${copies / 2} pairs`;
    case 'single':
      return copies === 1 ? '1 single' : `${copies} singles`;
  }
};

export const foldName: { readonly [way in LayWay]: string } = {
  open: 'open, one layer',
  half: 'folded in half, selvedge to selvedge',
  width: 'folded to width, the rest open',
  two: 'two folds, both selvedges folded in',
  four: 'folded in four, along and across',
  cross: 'cross fold, end to start',
  mixed: 'folded again along the length, first double and then open',
};

/** Ways in which a piece lies on its cloth. */
export const mannerName: { readonly [manner in LayManner]: string } = {
  grain: 'With the grain',
  bias: 'On the bias',
  crosswise: 'Grain across the cloth',
  border: 'Hem on the border',
  block: 'In a block to fuse',
};

export const clothRoleName: { readonly [role in ClothRole]: string } = {
  outer: 'Outer',
  lining: 'Lining',
  stay: 'Stay',
  net: 'Net',
  trim: 'Trim',
};

/** A piece's name under the heading of its cloth, which it need not name again. */
export function nameInCloth({ name, role }: Pick<Piece, 'name' | 'role'>): string {
  return capital(name.replace(new RegExp(`^${role} `, 'i'), ''));
}
