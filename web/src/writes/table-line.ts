import {
  withEvents,
  type TableAnswer,
  type TableEvent,
  type TableState,
  type TableWork,
} from '@ample-bolt/core/shop/table-event';
import { isOutOfReach } from '../api/fetcher.ts';

/** What was done at one table here, and is not counted yet. */
export interface TableLineState {
  readonly ticketId: string;
  readonly waiting: readonly TableEvent[];
  readonly offline: boolean;
  /** Why something was not counted. */
  readonly refusal: string | undefined;
}

export interface TableLineDependencies {
  readonly send: (ticketId: string, events: readonly TableEvent[]) => Promise<TableAnswer>;
  readonly onState: (state: TableLineState) => void;
  /** The table as it was stored. */
  readonly onStored: (ticketId: string, table: TableState) => void;
}

export interface TableLine {
  readonly state: () => TableLineState;
  readonly add: (events: readonly TableEvent[]) => void;
  readonly retry: () => void;
  readonly dismiss: () => void;
}

/** As many go out at once at most. */
const BATCH = 500;

const LAID_ANEW = 'It was laid anew meanwhile: marks on the lay before are not counted.';

/** Sends what is done at one table: each mark at once, all that waited together. */
export function tableLine(
  start: TableLineState,
  { send, onState, onStored }: TableLineDependencies,
): TableLine {
  let state = start;
  let busy = false;
  const become = (next: Partial<TableLineState>) => {
    state = { ...state, ...next };
    onState(state);
  };
  const without = (sent: readonly TableEvent[]) => state.waiting.filter((event) => !sent.includes(event));

  async function step(): Promise<boolean> {
    const sent = state.waiting.slice(0, BATCH);
    try {
      const { refused, ...table } = await send(state.ticketId, sent);
      onStored(state.ticketId, table);
      become({
        waiting: without(sent),
        offline: false,
        ...(refused.length > 0 && { refusal: LAID_ANEW }),
      });
      return true;
    } catch (error) {
      if (isOutOfReach(error)) {
        become({ offline: true });
        return false;
      }
      become({ waiting: without(sent), refusal: error instanceof Error ? error.message : 'Not counted.' });
      return true;
    }
  }
  async function go(): Promise<void> {
    if (busy) return;
    busy = true;
    while (state.waiting.length > 0) if (!(await step())) break;
    busy = false;
  }
  return {
    state: () => state,
    add: (events) => {
      if (events.length === 0) return;
      become({ waiting: [...state.waiting, ...events] });
      void go();
    },
    retry: () => void go(),
    dismiss: () => become({ refusal: undefined }),
  };
}

/** The table with what was done here on its stored lays. */
export function tableHere(
  stored: TableWork,
  lays: readonly string[],
  { waiting }: Pick<TableLineState, 'waiting'>,
): TableWork {
  return withEvents(
    stored,
    waiting.filter(({ lay }) => lays.includes(lay)),
  );
}
