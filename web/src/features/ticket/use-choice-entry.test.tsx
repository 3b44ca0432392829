/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import type { EnteredChoices, Ticket } from '@ample-bolt/core/shop/ticket';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { act, renderHook } from '@testing-library/react';
import { keptPage } from '../../testing/kept-page.tsx';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import { useChoiceEntry } from './use-choice-entry.ts';

const style = styleBook['fitted-dress'];
if (!style) throw new Error('the dress is in the book');
const lengthId = Object.keys(style.choices).find((id) => style.choices[id]?.kind === 'length') ?? '';

function entry(choices: EnteredChoices = {}, put = jest.fn(() => Promise.resolve(sampleTicket()))) {
  const actions = { put } as unknown as TicketActions;
  const ticket: Ticket = sampleTicket({ choices });
  const { result } = renderHook(() => useChoiceEntry(ticket, style!, actions), { wrapper: keptPage() });
  return { result, put };
}

test('a length on trial is drawn at once, and stored with its unit when it is agreed', async () => {
  const { result, put } = entry();
  act(() => result.current.type(lengthId, '2'));
  expect(result.current.lengths[lengthId]).toBeCloseTo(50.8);
  expect([result.current.changed, result.current.isTyped(lengthId)]).toEqual([true, true]);
  await act(async () => expect(await result.current.agree()).toBe(true));
  expect(put.mock.calls).toEqual([['choices', { choices: { [lengthId]: '2 in' } }]]);
  expect(result.current.changed).toBe(false);
});

test('what cannot be read is drawn with what was agreed before, and holds the agreement', async () => {
  const { result, put } = entry({ [lengthId]: { mm: 50.8, typed: '2 in' } });
  act(() => result.current.type(lengthId, '2 x'));
  expect(result.current.faultOf(lengthId)).toBeDefined();
  expect(result.current.lengths[lengthId]).toBeCloseTo(50.8);
  await act(async () => expect(await result.current.agree()).toBe(false));
  expect(put).not.toHaveBeenCalled();
});

test('refused, what was typed stays and the reason is said', async () => {
  const refused = jest.fn(() => Promise.reject(new Error('That neck cannot be drawn.')));
  const { result } = entry({}, refused);
  act(() => result.current.move(lengthId, 50.8));
  await act(async () => expect(await result.current.agree()).toBe(false));
  expect([result.current.failure, result.current.textOf(lengthId)]).toEqual([
    'That neck cannot be drawn.',
    '2',
  ]);
});

test('left, nothing of it stands any more', () => {
  const { result } = entry({ [lengthId]: { mm: 50.8, typed: '2 in' } });
  act(() => result.current.type(lengthId, '3'));
  act(() => result.current.leave());
  expect([result.current.textOf(lengthId), result.current.changed]).toEqual(['2', false]);
});
