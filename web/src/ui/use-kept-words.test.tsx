/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { keptPage } from '../testing/kept-page.tsx';
import { useKeptWords } from './use-kept-words.ts';

const words = (store: (text: string) => Promise<boolean>, wrapper = keptPage()) =>
  renderHook(() => useKeptWords('remarks', 'as it was', store), { wrapper });

test('words are stored when their field is left, once', async () => {
  const store = jest.fn(() => Promise.resolve(true));
  const { result } = words(store);
  act(() => result.current.type('mind the zip'));
  await act(async () => {
    result.current.leave();
    result.current.leave();
    await Promise.resolve();
  });
  expect(store.mock.calls).toEqual([['mind the zip']]);
  expect(result.current.value).toBe('as it was');
});

test('words that were not stored stay, over a reload too, and go out when they are left again', async () => {
  const wrapper = keptPage();
  const first = words(() => Promise.resolve(false), wrapper);
  act(() => first.result.current.type('mind the zip'));
  await act(async () => {
    first.result.current.leave();
    await Promise.resolve();
  });
  first.unmount();
  const store = jest.fn(() => Promise.resolve(true));
  const again = words(store, wrapper);
  expect(again.result.current.value).toBe('mind the zip');
  await act(async () => {
    again.result.current.leave();
    await Promise.resolve();
  });
  expect(store).toHaveBeenCalledTimes(1);
});

test('a field that is taken off the screen with the hand still in it is stored', () => {
  const store = jest.fn(() => Promise.resolve(true));
  const { result, unmount } = words(store);
  act(() => result.current.type('mind the zip'));
  unmount();
  expect(store.mock.calls).toEqual([['mind the zip']]);
});

test('typed back to what is stored there is nothing to store', () => {
  const store = jest.fn(() => Promise.resolve(true));
  const { result } = words(store);
  act(() => result.current.type('mind the'));
  act(() => result.current.type('as it was'));
  act(() => result.current.leave());
  expect(store).not.toHaveBeenCalled();
});
