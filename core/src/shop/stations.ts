import { isLaterEdge } from './cut-id.ts';
import { styleOf } from '../styles/style-book.ts';
import { missingMeasures, type Ticket } from './ticket.ts';

/** The working order of a ticket. */
export const stationIds = ['measure', 'style', 'figures', 'draft', 'lay', 'chalk'] as const;
export type StationId = (typeof stationIds)[number];

/** `held` by a failed check, `next` to do, `later` until what comes before it is done. */
export type StationState = 'done' | 'next' | 'held' | 'later';

/** How the draft stands: stopped by a finding, or no longer what the lay shows. */
export interface DraftStanding {
  readonly stopped: boolean;
  readonly layStale: boolean;
}

export interface StationStanding {
  readonly id: StationId;
  readonly state: StationState;
}

/** What of a ticket decides its stations; lists send no more than this. */
export interface TicketProgress {
  readonly measuresMissing: number;
  readonly styleAgreed: boolean;
  /** Findings that hold the cut. */
  readonly stops: number;
  readonly hasLay: boolean;
  readonly marksDone: number;
  /** How many marks there are, once the pieces are known; 0 before. */
  readonly marksInAll: number;
  readonly piecesCut: number;
  /** How many pieces the chosen lays have. */
  readonly piecesLaid: number;
}

/** The cloth that shows is laid, and so is every other cloth that was named for the style. */
function isLaid({ styleId, cloths, lays }: Pick<Ticket, 'styleId' | 'cloths' | 'lays'>): boolean {
  const [shown, ...others] = styleOf(styleId)?.cloths ?? [];
  const named = others.filter((role) => cloths.some((cloth) => cloth.role === role));
  return shown !== undefined && [shown, ...named].every((role) => lays[role] !== undefined);
}

export const progressOf = (ticket: Ticket): TicketProgress => ({
  measuresMissing: missingMeasures(ticket).length,
  styleAgreed: ticket.choices !== null,
  stops: ticket.stops,
  hasLay: isLaid(ticket),
  marksDone: Object.values(ticket.chalked).reduce((sum, count) => sum + count, 0),
  marksInAll: ticket.marksInAll,
  piecesCut: ticket.cut.filter((id) => !isLaterEdge(id)).length,
  piecesLaid: new Set(
    Object.values(ticket.lays).flatMap(({ placements }) => placements.map(({ piece }) => piece)),
  ).size,
});

/** The state of every station; the first that is not done is the next thing to do. */
export function stationsOf(
  progress: TicketProgress,
  draft: DraftStanding = { stopped: progress.stops > 0, layStale: false },
): StationStanding[] {
  const measured = progress.measuresMissing === 0;
  const agreed = measured && progress.styleAgreed;
  const done: { readonly [id in StationId]: boolean } = {
    measure: measured,
    style: agreed,
    figures: agreed,
    draft: agreed && !draft.stopped,
    lay: agreed && progress.hasLay && !draft.layStale,
    chalk: progress.marksInAll > 0 && progress.marksDone >= progress.marksInAll,
  };
  const held: { readonly [id in StationId]?: boolean } = {
    draft: agreed && draft.stopped,
    lay: progress.hasLay && draft.layStale,
  };
  const next = stationIds.find((id) => !done[id]);
  return stationIds.map((id) => ({
    id,
    state: held[id] ? 'held' : done[id] ? 'done' : id === next ? 'next' : 'later',
  }));
}
