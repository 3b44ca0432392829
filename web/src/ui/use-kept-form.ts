import { useEffect, useEffectEvent, useRef } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormReturn,
} from 'react-hook-form';
import { useKept } from './use-kept.ts';

export interface KeptForm<Fields extends FieldValues> extends UseFormReturn<Fields> {
  /** Forgets what was typed: it is stored, or let go. */
  readonly forget: () => void;
}

/** Of a form's values those that were typed, by the names of their fields. */
function typedOf<Fields extends FieldValues>(values: Fields, dirty: object): Partial<Fields> | undefined {
  const typed = Object.entries(values).filter(([name]) => name in dirty);
  return typed.length > 0 ? (Object.fromEntries(typed) as Partial<Fields>) : undefined;
}

/**
 * A form whose typed fields survive a reload under a key. `stored` is what it begins with: when that changes meanwhile, fields that
 * nobody typed in follow it. Under another key it is another form, and nothing typed goes along.
 */
export function useKeptForm<Fields extends FieldValues>(key: string, stored: Fields): KeptForm<Fields> {
  const [kept, keep] = useKept<Partial<Fields>>(key);
  const form = useForm<Fields>({ defaultValues: stored as DefaultValues<Fields> });
  const { reset, setValue, subscribe } = form;
  const begun = useRef(key);
  const begin = useEffectEvent(() => {
    reset(stored, { keepDirtyValues: begun.current === key });
    begun.current = key;
    for (const [name, value] of Object.entries(kept ?? {}))
      setValue(name as Path<Fields>, value as Fields[Path<Fields>], { shouldDirty: true });
  });
  const beginning = JSON.stringify(stored);
  useEffect(() => begin(), [key, beginning]);
  useEffect(
    () =>
      subscribe({
        formState: { values: true, dirtyFields: true },
        callback: ({ values, dirtyFields = {} }) => keep(() => typedOf(values, dirtyFields)),
      }),
    [subscribe, keep],
  );
  const forget = () => {
    reset(stored);
    keep(() => undefined);
  };
  return { ...form, forget };
}
