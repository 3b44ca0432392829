import { pieceOfCut } from './cut-id.ts';
import type { Lays, TicketContent } from './ticket.ts';

/** Something that was done at the cutting table, or taken back. */
export interface TableEvent {
  readonly id: string;
  readonly kind: 'mark' | 'cut';
  /** The piece of a mark; what was cut, by its id among what is cut. */
  readonly on: string;
  /** Which mark of the piece, from 1; 0 for what is cut. */
  readonly mark: number;
  readonly done: boolean;
  /** The lay that it was done on. */
  readonly lay: string;
  /** When, by the clock of the device; ISO 8601, UTC. */
  readonly at: string;
  /** Who held the chalk, as the device was told; empty where nobody said. */
  readonly by: string;
}

/** Marks that are chalked, by piece, and what is cut. */
export type TableWork = Pick<TicketContent, 'chalked' | 'cut'>;

const fieldOf = ({ kind, on, mark }: TableEvent): string => `${kind} ${on} ${mark}`;

/** Of two events on one mark the later holds; of two at one moment, the one that was done. */
const isAfter = (a: TableEvent, b: TableEvent): boolean => (a.at === b.at ? a.done && !b.done : a.at > b.at);

/**
 * What is chalked and cut after these events, in whatever order they arrived: devices that chalk one garment together, some of
 * them out of reach for a while, all come to the same. Marks of a piece count from the first on, up to the first that is open.
 */
export function workOf(events: readonly TableEvent[]): TableWork {
  const last = new Map<string, TableEvent>();
  for (const event of events) {
    const before = last.get(fieldOf(event));
    if (!before || isAfter(event, before)) last.set(fieldOf(event), event);
  }
  const done = [...last.values()].filter((event) => event.done);
  const cut = done.filter(({ kind }) => kind === 'cut').map(({ on }) => on);
  const chalked: { [piece: string]: number } = {};
  const marks = done.filter(({ kind }) => kind === 'mark').sort((a, b) => a.mark - b.mark);
  for (const { on, mark } of marks) if (mark === (chalked[on] ?? 0) + 1) chalked[on] = mark;
  return { chalked, cut: cut.sort() };
}

/** The state of the table as the events that lead to it, before any other. */
const asEvents = ({ chalked, cut }: TableWork): TableEvent[] => {
  const event = { id: '', done: true, lay: '', at: '', by: '' };
  return [
    ...Object.entries(chalked).flatMap(([on, count]) =>
      Array.from({ length: count }, (_, index) => ({ ...event, kind: 'mark' as const, on, mark: index + 1 })),
    ),
    ...cut.map((on) => ({ ...event, kind: 'cut' as const, on, mark: 0 })),
  ];
};

/** The work at a table together with events that are not counted in it yet. */
export const withEvents = (work: TableWork, events: readonly TableEvent[]): TableWork =>
  events.length === 0 ? work : workOf([...asEvents(work), ...events]);

/** The table of a ticket as it is stored, without the rest of the ticket. */
export interface TableState extends TableWork {
  /** Ids of the stored lays, by their cloth. */
  readonly lays: { readonly [role: string]: string };
  /** Rises with everything that is done at the table. */
  readonly tableVersion: number;
  /** Since when pieces are frozen; ISO 8601. */
  readonly frozenAt: string | null;
}

/** The table after events were sent to it. */
export interface TableAnswer extends TableState {
  /** Ids of events on a lay that is no longer: they were not counted. */
  readonly refused: readonly string[];
}

/** True where two tables are of the same lays, by their ids in any order. */
export const areSameLays = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((id) => b.includes(id));

/** Ids of the stored lays. */
export const layIdsOf = (lays: Lays): string[] =>
  Object.values(lays).flatMap(({ id }) => (id === undefined ? [] : [id]));

/** The stored lay that a piece lies on. */
const layOfPiece = (lays: Lays, piece: string): string | undefined =>
  Object.values(lays).find(({ placements }) => placements.some((each) => each.piece === piece))?.id;

/** What an event is known by: its id, its moment, and whose it is. */
export type Stamp = Pick<TableEvent, 'id' | 'at' | 'by'>;

/** What has to be done, or taken back, at the table to come from one state of it to another. Pieces that lie on no stored lay are left out. */
export function eventsTowards(lays: Lays, from: TableWork, to: TableWork, stamp: () => Stamp): TableEvent[] {
  const event = (kind: TableEvent['kind'], on: string, mark: number, done: boolean): TableEvent[] => {
    const lay = layOfPiece(lays, pieceOfCut(on));
    return lay === undefined ? [] : [{ ...stamp(), kind, on, mark, done, lay }];
  };
  const pieces = [...new Set([...Object.keys(from.chalked), ...Object.keys(to.chalked)])];
  const marks = pieces.flatMap((piece) => {
    const [was, is] = [from.chalked[piece] ?? 0, to.chalked[piece] ?? 0];
    const between = Array.from({ length: Math.abs(is - was) }, (_, index) => Math.min(was, is) + index + 1);
    return between.flatMap((mark) => event('mark', piece, mark, is > was));
  });
  return [
    ...marks,
    ...from.cut.filter((id) => !to.cut.includes(id)).flatMap((id) => event('cut', id, 0, false)),
    ...to.cut.filter((id) => !from.cut.includes(id)).flatMap((id) => event('cut', id, 0, true)),
  ];
}
