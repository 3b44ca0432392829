import { spreadInParallel } from '../../drafting/operations/spread.ts';
import type { PrincessPanels } from '../../drafting/operations/split-on-princess.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import { sampleCurve } from '../../geometry/curve.ts';
import type { PrincessShell } from '../princess-shell/princess-shell.ts';

interface Halves<Part> {
  readonly front: Part;
  readonly back: Part;
}

const renamed = (piece: Piece, id: string, name: string): Piece => ({
  ...piece,
  id: piece.id.replace('bodice', id),
  name: piece.name.replace('Bodice', name),
});

/** What the top edge cut away, in net: its greatest stretch goes across the body. */
export function yokesOf({ cutAway }: PrincessShell): Halves<Piece> {
  if (!cutAway) throw new Error('a yoke needs a shell that was cut at a level');
  const yoke = (piece: Piece, half: string): Piece => ({
    ...piece,
    id: `yoke-${half}`,
    name: `Yoke ${half}, stretch across`,
    role: 'net',
  });
  return { front: yoke(cutAway.front, 'front'), back: yoke(cutAway.back, 'back') };
}

/** The fitted panels that the outer is laid over, in the lining's cloth. */
export function baseOf({ front, back }: PrincessShell): Halves<PrincessPanels> {
  const based = (panels: PrincessPanels): PrincessPanels => ({
    ...panels,
    centre: { ...renamed(panels.centre, 'base', 'Base'), role: 'lining' },
    side: { ...renamed(panels.side, 'base', 'Base'), role: 'lining' },
  });
  return { front: based(front), back: based(back) };
}

/** Curves are looked along this finely for where a slash has room, mm. */
const FINE = 1;

/** Half-way between the centre and the princess seam where they lie nearest. */
function middleOf(centre: Piece): number {
  const xs = (id: string) => sampleCurve(edgeOf(centre, id).path, FINE).map(({ x }) => x);
  const innermost = Math.min(...xs('princess'));
  const outermost = Math.max(...xs(centre.edges.at(-1)?.id ?? ''));
  return (innermost + outermost) / 2;
}

/** The outer traced from the base, its centre panels slashed and spread by the ease that it drapes with. */
export function drapedOver({ front, back }: PrincessShell, ease: number): Halves<PrincessPanels> {
  const draped = (panels: PrincessPanels): PrincessPanels =>
    ease <= 0
      ? panels
      : { ...panels, centre: spreadInParallel(panels.centre, { at: middleOf(panels.centre), by: ease }) };
  return { front: draped(front), back: draped(back) };
}
