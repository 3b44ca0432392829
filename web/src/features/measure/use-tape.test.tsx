/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { act, renderHook } from '@testing-library/react';
import { ticketPage } from '../../testing/ticket-page.tsx';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import { useMeasuring } from './use-measuring.ts';
import { useTape } from './use-tape.ts';

/** The shop computer's end of the line to a tape. */
class Line {
  static readonly all: Line[] = [];
  readonly sent: unknown[] = [];
  onopen?: () => void;
  onmessage?: (message: { readonly data: string }) => void;
  onclose: (() => void) | null = null;
  isClosed = false;
  constructor() {
    Line.all.push(this);
  }
  send(text: string) {
    this.sent.push(JSON.parse(text));
  }
  close() {
    this.isClosed = true;
    this.onclose?.();
  }
  says(message: object) {
    act(() => this.onmessage?.({ data: JSON.stringify(message) }));
  }
}

const { WebSocket: real } = globalThis;
beforeEach(() => {
  jest.useFakeTimers();
  Line.all.length = 0;
  Object.assign(globalThis, { WebSocket: Line });
});
afterEach(() => {
  jest.useRealTimers();
  Object.assign(globalThis, { WebSocket: real });
});

function tape() {
  const ticket = sampleTicket();
  const put = jest.fn<(...args: unknown[]) => Promise<never>>(() => new Promise(() => undefined));
  const actions = { put } as unknown as TicketActions;
  const { result, unmount } = renderHook(
    () => {
      const measuring = useMeasuring();
      return { measuring, tape: useTape(measuring) };
    },
    { wrapper: ticketPage({ ticket, actions, goTo: () => undefined }) },
  );
  act(() => result.current.tape.toggle());
  const connected = (line = Line.all.at(-1)) => {
    act(() => line?.onopen?.());
    line?.says({ code: '4711' });
    return line;
  };
  return { result, put, unmount, connected };
}

test('a page says the code that a tape is paired with it by, once it is heard', () => {
  const { result, connected } = tape();
  expect([result.current.tape.state, result.current.tape.code]).toEqual(['connecting', undefined]);
  const line = connected();
  expect(line?.sent).toEqual([{ listen: '' }]);
  expect([result.current.tape.state, result.current.tape.code]).toEqual(['listening', '4711']);
});

test('a reading goes into the measure in hand, is stored, and the next one is asked', () => {
  const { result, put, connected } = tape();
  const line = connected();
  const first = result.current.measuring.current;
  line?.says({ mm: 914.4 });
  expect(result.current.measuring.current).not.toBe(first);
  expect(put).toHaveBeenCalledWith('measures', { values: { [first]: '36 in' } });
  line?.says({ mm: 'long' });
  expect(put).toHaveBeenCalledTimes(1);
});

test('a line that breaks is looked for again under the same code, and not after the tape was put down', () => {
  const { result, connected } = tape();
  act(() => connected()?.close());
  expect(result.current.tape.state).toBe('connecting');
  act(() => jest.advanceTimersByTime(2000));
  expect(Line.all).toHaveLength(2);
  expect(connected()?.sent).toEqual([{ listen: '4711' }]);
  act(() => result.current.tape.toggle());
  expect([result.current.tape.state, Line.all.at(-1)?.isClosed]).toEqual(['off', true]);
  act(() => jest.advanceTimersByTime(10_000));
  expect(Line.all).toHaveLength(2);
});
