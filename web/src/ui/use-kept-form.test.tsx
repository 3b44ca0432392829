/** @jest-environment jsdom */
import { describe, expect, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { useFieldArray } from 'react-hook-form';
import { keptPage } from '../testing/kept-page.tsx';
import { useKeptForm } from './use-kept-form.ts';

interface Fields {
  name: string;
  width: string;
  flaws: { from: string; to: string }[];
}
const stored: Fields = { name: 'Teal wool', width: '45', flaws: [] };

const formOn = (wrapper = keptPage(), first = stored) => {
  const props: { readonly from: Fields; readonly key?: string } = { from: first };
  return renderHook(
    ({ from, key = 'cloth' }: typeof props) => {
      const form = useKeptForm(key, from);
      const rows = useFieldArray({ control: form.control, name: 'flaws' });
      return { form, rows, values: form.watch() };
    },
    { wrapper, initialProps: props },
  );
};

describe('a form that is kept', () => {
  test('has what was typed after a reload, rows too, and the rest as it is stored', () => {
    const wrapper = keptPage();
    const first = formOn(wrapper);
    act(() => first.result.current.form.setValue('width', '54', { shouldDirty: true }));
    act(() => first.result.current.rows.append({ from: '10', to: '12' }));
    act(() => first.result.current.form.setValue('flaws.0.to', '14', { shouldDirty: true }));
    first.unmount();
    const again = formOn(wrapper, { ...stored, name: 'Navy wool' });
    expect(again.result.current.values).toEqual({
      name: 'Navy wool',
      width: '54',
      flaws: [{ from: '10', to: '14' }],
    });
    act(() => again.result.current.rows.remove(0));
    expect(again.result.current.values.flaws).toEqual([]);
  });

  test('follows what is stored meanwhile in fields that nobody typed in', () => {
    const { result, rerender } = formOn();
    act(() => result.current.form.setValue('width', '54', { shouldDirty: true }));
    rerender({ from: { ...stored, name: 'Navy wool', width: '60' } });
    expect(result.current.values).toMatchObject({ name: 'Navy wool', width: '54' });
  });

  test('takes nothing along to another key: inches that were typed are never read as centimetres', () => {
    const { result, rerender } = formOn();
    act(() => result.current.form.setValue('width', '54', { shouldDirty: true }));
    const metric = { ...stored, width: '114' };
    rerender({ from: metric, key: 'cloth in cm' });
    expect(result.current.values.width).toBe('114');
    act(() => result.current.form.setValue('width', '140', { shouldDirty: true }));
    rerender({ from: stored, key: 'cloth' });
    expect(result.current.values.width).toBe('54');
    rerender({ from: metric, key: 'cloth in cm' });
    expect(result.current.values.width).toBe('140');
  });

  test('forgets what was typed once it is stored', () => {
    const wrapper = keptPage();
    const { result, unmount } = formOn(wrapper);
    act(() => result.current.form.setValue('width', '54', { shouldDirty: true }));
    act(() => result.current.form.forget());
    expect(result.current.values).toEqual(stored);
    unmount();
    expect(formOn(wrapper).result.current.values).toEqual(stored);
  });
});
