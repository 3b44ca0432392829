import type { Read } from '@ample-bolt/core/input/input-fault';
import type { EnteredById } from '@ample-bolt/core/shop/ticket';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { useEffect, useEffectEvent } from 'react';
import { useKeptLengths } from './use-kept-lengths.ts';

export interface TypedValues<Id extends string> {
  /** What stands in a field: typed and not stored, or the stored value in the page's unit. */
  readonly textOf: (id: Id) => string;
  readonly type: (id: Id, text: string) => void;
  /** Stored values with readable typed ones laid over them, mm. */
  readonly values: { readonly [id in Id]?: number };
  /** What is wrong with the text of a field, in words. */
  readonly faultOf: (id: Id) => string | undefined;
  /** What is typed and can be stored: readable, or emptied. */
  readonly ready: { readonly [id: string]: string };
  /** Forgets what was stored; what was typed while it was on its way stays. */
  readonly forget: (stored: { readonly [id: string]: string }) => void;
  readonly unsaved: boolean;
}

/** A stored length that differs by less from a typed one is that one, mm. */
const SAME = 0.01;

/** Lengths as they are typed over those that are stored: each keystroke survives a reload, none is lost on the way. */
export function useTypedValues<Id extends string>(
  key: string,
  unit: Unit,
  stored: EnteredById,
  readOne: (id: Id, text: string, unit: Unit) => Read<number>,
): TypedValues<Id> {
  const { typed, type, forget } = useKeptLengths(key, unit);
  const typedIds = Object.keys(typed) as Id[];
  const read = (id: Id) => {
    const text = typed[id];
    return text === undefined || text.trim() === '' ? undefined : readOne(id, text, unit);
  };
  const values: { [id in Id]?: number } = {};
  for (const [id, { mm }] of Object.entries(stored)) values[id as Id] = mm;
  for (const id of typedIds) {
    const mm = read(id);
    if (mm?.ok) values[id] = mm.value;
  }
  // Typed before a reload and stored since: it is no longer waiting, and must not hide what another hand puts there.
  const settle = useEffectEvent(() => {
    const same = typedIds.filter((id) => {
      const mm = read(id);
      return mm?.ok
        ? Math.abs(mm.value - (stored[id]?.mm ?? Infinity)) < SAME
        : mm === undefined && !stored[id];
    });
    if (same.length > 0) forget(Object.fromEntries(same.map((id) => [id, typed[id] ?? ''])));
  });
  useEffect(() => settle(), [stored]);
  const storable = typedIds.filter((id) => typed[id]?.trim() === '' || read(id)?.ok);
  return {
    textOf: (id) =>
      typed[id] ?? (stored[id] ? formatNumber(stored[id].mm, unit, { denominator: 16, decimals: 2 }) : ''),
    type,
    values,
    faultOf: (id) => {
      const mm = read(id);
      return mm && !mm.ok ? mm.fault.message : undefined;
    },
    ready: Object.fromEntries(storable.map((id) => [id, typed[id] ?? ''])),
    forget,
    unsaved: typedIds.length > 0,
  };
}
