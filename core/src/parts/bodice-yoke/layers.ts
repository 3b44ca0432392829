import { spread, spreadLikeAFan } from '../../drafting/operations/panels/spread.ts';
import type { PrincessPanels } from '../../drafting/operations/panels/split-on-princess.ts';
import { centreOf, edgeOf, type Piece } from '../../pieces/piece.ts';
import { sampleCurve } from '../../geometry/curve.ts';
import type { PrincessShell } from '../princess-shell/princess-shell.ts';
import { asPart } from '../../pieces/as-part.ts';

interface Halves<Part> {
  readonly front: Part;
  readonly back: Part;
}

/** The part above the top edge, in net: its greatest stretch goes across the body. */
export function yokesOf({ cutAway }: PrincessShell): Halves<Piece> {
  if (!cutAway) throw new Error('a yoke needs a shell that was cut at a level');
  const yoke = (piece: Piece, half: string): Piece => ({
    ...piece,
    id: `yoke-${half}`,
    name: `Yoke ${half}`,
    role: 'net',
    part: 'yoke',
  });
  return { front: yoke(cutAway.front, 'front'), back: yoke(cutAway.back, 'back') };
}

/** The fitted panels that the outer is laid over, in the lining's cloth. */
export function baseOf({ front, back }: PrincessShell): Halves<PrincessPanels> {
  const based = (panels: PrincessPanels): PrincessPanels => ({
    ...panels,
    centre: { ...asPart(panels.centre, 'base'), role: 'lining' },
    side: { ...asPart(panels.side, 'base'), role: 'lining' },
  });
  return { front: based(front), back: based(back) };
}

/** Curves are looked along this finely for where a slash has room, mm. */
const FINE = 1;

/** Between the centre and the princess seam, where they lie nearest: so many slashes at even distances. */
function slashesIn(centre: Piece, count: number): number[] {
  const xs = (id: string) => sampleCurve(edgeOf(centre, id).path, FINE).map(({ x }) => x);
  const innermost = Math.min(...xs('princess'));
  const outermost = Math.max(...xs(centreOf(centre).id));
  return Array.from(
    { length: count },
    (_, index) => outermost + ((index + 1) * (innermost - outermost)) / (count + 1),
  );
}

/** Slashes of an outer that swings out below the yoke. */
const FAN = 3;

/** Drape of the outer cloth: its amount, and whether it begins at the yoke or opens towards the hem alone. */
export interface Drape {
  readonly ease: number;
  readonly from: 'yoke' | 'hem';
}

/** The outer traced from the base, its centre panels slashed and spread by the ease that it drapes with. */
export function drapedOver({ front, back }: PrincessShell, { ease, from }: Drape): Halves<PrincessPanels> {
  const spreadPanel = (centre: Piece): Piece => {
    switch (from) {
      case 'yoke': {
        const [at = 0] = slashesIn(centre, 1);
        return spread(centre, { at, upper: ease, lower: ease });
      }
      case 'hem':
        return spreadLikeAFan(centre, slashesIn(centre, FAN), ease);
    }
  };
  const draped = (panels: PrincessPanels): PrincessPanels =>
    ease <= 0 ? panels : { ...panels, centre: spreadPanel(panels.centre) };
  return { front: draped(front), back: draped(back) };
}
