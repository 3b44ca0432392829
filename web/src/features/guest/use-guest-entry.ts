import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { MeasureValues } from '@ample-bolt/core/measures/measure-set';
import { readMeasure } from '@ample-bolt/core/measures/read-measure';
import type { GuestPage, HomeEntries } from '@ample-bolt/core/shop/home-set';
import { valuesOf } from '@ample-bolt/core/shop/ticket';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useState } from 'react';
import { guestActions, useGuest } from '../../api/home.ts';
import { useKeptLengths } from '../../ui/use-kept-lengths.ts';

/** What of the entries is not a length. */
export type GuestConditions = Omit<HomeEntries, 'values'>;

export interface GuestEntry {
  readonly page: GuestPage;
  readonly textOf: (id: MeasureId) => string;
  readonly type: (id: MeasureId, text: string) => void;
  readonly faultOf: (id: MeasureId) => string | undefined;
  readonly values: MeasureValues;
  /** Stores what is typed, with a change of conditions; says whether it was stored. */
  readonly save: (change?: Partial<GuestConditions>) => Promise<boolean>;
  readonly finish: () => Promise<boolean>;
  readonly addPicture: (file: Blob) => Promise<boolean>;
  readonly removePicture: (id: string) => Promise<boolean>;
  readonly failure: string | undefined;
}

/** What a client types at home: kept on her device until the shop has it. */
export function useGuestEntry(token: string, page: GuestPage): GuestEntry {
  const { mutate } = useGuest(token);
  const actions = guestActions(token);
  const { entries } = page;
  const { unit } = entries;
  const { typed, type, forget } = useKeptLengths(`home-${token.slice(0, 12)}`, unit);
  const [failure, setFailure] = useState<string>();
  const read = (id: MeasureId) =>
    typed[id] === undefined || typed[id].trim() === '' ? undefined : readMeasure(id, typed[id], unit);
  const typedIds = Object.keys(typed) as MeasureId[];

  const attempt = async (act: () => Promise<GuestPage>): Promise<boolean> => {
    try {
      await mutate(await act(), { revalidate: false });
      setFailure(undefined);
      return true;
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'Not stored yet; try again.');
      return false;
    }
  };
  const save = (change: Partial<GuestConditions> = {}) =>
    attempt(async () => {
      const { values, ...conditions } = entries;
      const ready = typedIds.filter((id) => typed[id]?.trim() === '' || read(id)?.ok);
      const stored = Object.fromEntries(Object.entries(values).map(([id, entered]) => [id, entered.typed]));
      const written = Object.fromEntries(ready.map((id) => [id, withUnit(typed[id] ?? '', unit)]));
      const answer = await actions.enter({ ...conditions, ...change, values: { ...stored, ...written } });
      forget(Object.fromEntries(ready.map((id) => [id, typed[id] ?? ''])));
      return answer;
    });
  const overlay = Object.fromEntries(
    typedIds.flatMap((id) => {
      const mm = read(id);
      return mm?.ok ? [[id, mm.value]] : [];
    }),
  );
  return {
    page,
    textOf: (id) =>
      typed[id] ??
      (entries.values[id] ? formatNumber(entries.values[id].mm, unit, { denominator: 16, decimals: 2 }) : ''),
    type,
    faultOf: (id) => {
      const mm = read(id);
      return mm && !mm.ok ? mm.fault.message : undefined;
    },
    values: { ...valuesOf(entries.values), ...overlay },
    save,
    finish: () => attempt(actions.finish),
    addPicture: (file) => attempt(() => actions.addPicture(file)),
    removePicture: (id) => attempt(() => actions.removePicture(id)),
    failure,
  };
}

/** A bare figure means the unit it was typed in, also when the unit changes with it. */
const withUnit = (text: string, unit: string): string =>
  /\d\s*$/.test(text) ? `${text.trim()} ${unit}` : text;
