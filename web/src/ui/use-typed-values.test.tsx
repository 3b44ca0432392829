/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { readMeasure } from '@ample-bolt/core/measures/read-measure';
import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { EnteredById } from '@ample-bolt/core/shop/ticket';
import type { Unit } from '@ample-bolt/core/units/length';
import { act, renderHook } from '@testing-library/react';
import { keptPage } from '../testing/kept-page.tsx';
import { useTypedValues } from './use-typed-values.ts';

const bust: EnteredById = { bust: { mm: 914.4, typed: '36 in' } };

function field(stored: EnteredById = bust, unit: Unit = 'in', wrapper = keptPage()) {
  return renderHook((page) => useTypedValues<MeasureId>('set', page.unit, page.stored, readMeasure), {
    wrapper,
    initialProps: { stored, unit },
  });
}

test('a stored length stands in the page’s unit, and what is typed stands over it', () => {
  const { result } = field();
  expect(result.current.textOf('bust')).toBe('36');
  act(() => result.current.type('bust', '37 1/2'));
  expect(result.current.textOf('bust')).toBe('37 1/2');
  expect(result.current.values.bust).toBeCloseTo(952.5);
  expect(result.current.ready).toEqual({ bust: '37 1/2' });
});

test('what cannot be read is said and not sent, and the stored length goes on counting', () => {
  const { result } = field();
  act(() => result.current.type('bust', '36 1/0'));
  expect(result.current.faultOf('bust')).toContain('divides by zero');
  expect([result.current.ready, result.current.unsaved]).toEqual([{}, true]);
  expect(result.current.values.bust).toBeCloseTo(914.4);
});

test('a field that is emptied is sent as empty', () => {
  const { result } = field();
  act(() => result.current.type('bust', ''));
  expect([result.current.faultOf('bust'), result.current.ready]).toEqual([undefined, { bust: '' }]);
});

test('typed in inches and looked at in centimetres it is the same length', () => {
  const wrapper = keptPage();
  const inches = field(bust, 'in', wrapper);
  act(() => inches.result.current.type('bust', '37'));
  inches.unmount();
  const { result } = field(bust, 'cm', wrapper);
  expect(result.current.values.bust).toBeCloseTo(939.8);
  expect(result.current.textOf('bust')).toBe('93.98');
});

test('only what was stored is forgotten: what was typed on meanwhile stays', () => {
  const { result } = field();
  act(() => result.current.type('bust', '37'));
  act(() => result.current.type('bust', '37 1/2'));
  act(() => result.current.forget({ bust: '37' }));
  expect(result.current.textOf('bust')).toBe('37 1/2');
  act(() => result.current.forget({ bust: '37 1/2' }));
  expect(result.current.unsaved).toBe(false);
});

test('typed before a reload and stored since, it hides nothing that another hand puts there', () => {
  const wrapper = keptPage();
  const before = field(bust, 'in', wrapper);
  act(() => before.result.current.type('bust', '37'));
  before.unmount();
  const { result, rerender } = field({ bust: { mm: 939.8, typed: '37 in' } }, 'in', wrapper);
  expect(result.current.unsaved).toBe(false);
  rerender({ stored: { bust: { mm: 965.2, typed: '38 in' } }, unit: 'in' });
  expect(result.current.textOf('bust')).toBe('38');
});
