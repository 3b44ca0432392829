/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { keptPage } from '../testing/kept-page.tsx';
import { useKept } from './use-kept.ts';

test('what is kept stands after a reload, and is gone once it is forgotten', () => {
  const wrapper = keptPage();
  const first = renderHook(() => useKept<string>('neck'), { wrapper });
  act(() => first.result.current[1](() => '14 1/2'));
  first.unmount();
  const again = renderHook(() => useKept<string>('neck'), { wrapper });
  expect(again.result.current[0]).toBe('14 1/2');
  act(() => again.result.current[1](() => undefined));
  again.unmount();
  expect(renderHook(() => useKept<string>('neck'), { wrapper }).result.current[0]).toBeUndefined();
});

test('two changes in one breath build on each other, also when the field has left the screen', () => {
  const wrapper = keptPage();
  const { result, unmount } = renderHook(() => useKept<number>('pleats'), { wrapper });
  const [, keep] = result.current;
  act(() => {
    keep((held = 0) => held + 1);
    keep((held = 0) => held + 1);
  });
  unmount();
  keep((held = 0) => held + 1);
  expect(renderHook(() => useKept<number>('pleats'), { wrapper }).result.current[0]).toBe(3);
});

test('a field that is given another key shows what is kept under that one', () => {
  const wrapper = keptPage();
  const { result, rerender } = renderHook(({ key }) => useKept<string>(key), {
    wrapper,
    initialProps: { key: 'a' },
  });
  act(() => result.current[1](() => 'of a'));
  rerender({ key: 'b' });
  expect(result.current[0]).toBeUndefined();
  act(() => result.current[1](() => 'of b'));
  rerender({ key: 'a' });
  expect(result.current[0]).toBe('of a');
});
