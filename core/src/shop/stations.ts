import type { ClothRole } from '../pieces/piece.ts';
import { styleOf } from '../styles/style-book.ts';
import type { Ticket } from './ticket.ts';

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
  /** Cloths of the garment that nobody named yet. */
  readonly withoutCloth: readonly ClothRole[];
  /** Cloths that are named and have no plan yet. */
  readonly toLay: readonly ClothRole[];
  readonly marksDone: number;
  /** How many marks there are, once the pieces are known; 0 before. */
  readonly marksInAll: number;
  readonly piecesCut: number;
  /** How many pieces the chosen lays have. */
  readonly piecesLaid: number;
}

/** Every cloth of the garment that is not laid: without a cloth, or without a plan. A garment is ready when there is none. */
export function openCloths({
  styleId,
  cloths,
  lays,
}: Pick<Ticket, 'styleId' | 'cloths' | 'lays'>): Pick<TicketProgress, 'withoutCloth' | 'toLay'> {
  const unlaid = (styleOf(styleId)?.cloths ?? []).filter((role) => lays[role] === undefined);
  const hasCloth = (role: ClothRole) => cloths.some((cloth) => cloth.role === role);
  return { withoutCloth: unlaid.filter((role) => !hasCloth(role)), toLay: unlaid.filter(hasCloth) };
}

/** Whether every cloth of the garment has its plan. */
export const isLaid = ({ withoutCloth, toLay }: Pick<TicketProgress, 'withoutCloth' | 'toLay'>): boolean =>
  withoutCloth.length + toLay.length === 0;

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
    lay: agreed && isLaid(progress) && !draft.layStale,
    chalk: isLaid(progress) && progress.marksInAll > 0 && progress.marksDone >= progress.marksInAll,
  };
  const held: { readonly [id in StationId]?: boolean } = {
    draft: agreed && draft.stopped,
    lay: draft.layStale,
  };
  const next = stationIds.find((id) => !done[id]);
  return stationIds.map((id) => ({
    id,
    state: held[id] ? 'held' : done[id] ? 'done' : id === next ? 'next' : 'later',
  }));
}
