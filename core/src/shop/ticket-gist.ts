import type { Purchase } from '../lay/model/lay.ts';
import type { ClothRole } from '../pieces/piece.ts';
import { coreVersion } from '../version.ts';
import { isLaterEdge } from './cut-id.ts';
import { openCloths, type TicketProgress } from './stations.ts';
import { missingMeasures, type TicketContent } from './ticket.ts';

/** What lists have to know of a stored lay. */
export interface LayGist {
  readonly role: ClothRole;
  /** The bolt of its cloth; none for a cloth of the ticket's own. */
  readonly bolt: string | null;
  readonly name: string;
  readonly colour: string;
  readonly buy: Purchase;
  /** Lies in the shop already. */
  readonly inStock: boolean;
  /** The ticket that buys it, by its number, where that is another one. */
  readonly boughtBy: number | null;
  /** Tickets that lie on it too. */
  readonly beside: readonly { readonly ticket: string; readonly number: number }[];
  readonly pieces: readonly string[];
}

/** What lists show of a ticket, worked out when it is written: they never read its lays. */
export interface TicketGist extends Pick<
  TicketProgress,
  'measuresMissing' | 'styleAgreed' | 'withoutCloth' | 'toLay' | 'piecesLaid'
> {
  /** The version of core that worked it out: another one may know other styles. */
  readonly core: string;
  /** Name and colour of the cloth that shows, once there is one. */
  readonly cloth: string | null;
  readonly colour: string | null;
  readonly lays: readonly LayGist[];
}

function layGists({ cloths, lays }: Pick<TicketContent, 'cloths' | 'lays'>): LayGist[] {
  return cloths.flatMap(({ role, name, bolt, colour, length }): LayGist[] => {
    const lay = lays[role];
    if (!lay) return [];
    return [
      {
        role,
        bolt: bolt ?? null,
        name,
        colour,
        buy: lay.buy,
        inStock: length !== null,
        boughtBy: lay.boughtBy ?? null,
        beside: (lay.beside ?? []).map(({ ticket, number }) => ({ ticket, number })),
        pieces: [...new Set(lay.placements.map(({ piece }) => piece))],
      },
    ];
  });
}

export function gistOf(
  ticket: Pick<TicketContent, 'styleId' | 'measures' | 'choices' | 'cloths' | 'lays'>,
): TicketGist {
  const shown = ticket.cloths.find(({ role }) => role === 'outer');
  const lays = layGists(ticket);
  return {
    core: coreVersion,
    measuresMissing: missingMeasures(ticket).length,
    styleAgreed: ticket.choices !== null,
    ...openCloths(ticket),
    piecesLaid: new Set(Object.values(ticket.lays).flatMap((lay) => lay.placements.map(({ piece }) => piece)))
      .size,
    cloth: shown?.name ?? null,
    colour: shown?.colour ?? null,
    lays,
  };
}

/** What of a ticket changes at the table and with its checks. */
type Standing = Pick<TicketContent, 'chalked' | 'cut' | 'marksInAll'> & { readonly stops: number };

/** How far a ticket is, by its gist and its table. */
export const progressBy = (
  { measuresMissing, styleAgreed, withoutCloth, toLay, piecesLaid }: TicketGist,
  { chalked, cut, marksInAll, stops }: Standing,
): TicketProgress => ({
  measuresMissing,
  styleAgreed,
  stops,
  withoutCloth,
  toLay,
  marksDone: Object.values(chalked).reduce((sum, count) => sum + count, 0),
  marksInAll,
  piecesCut: cut.filter((id) => !isLaterEdge(id)).length,
  piecesLaid,
});

export const progressOf = (ticket: TicketContent & Standing): TicketProgress =>
  progressBy(gistOf(ticket), ticket);
