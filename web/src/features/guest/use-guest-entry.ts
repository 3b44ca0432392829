import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import { readMeasure } from '@ample-bolt/core/measures/read-measure';
import type { GuestPage, HomeEntries } from '@ample-bolt/core/shop/home-set';
import { withUnit } from '@ample-bolt/core/units/with-unit';
import { useRef, useState } from 'react';
import { guestActions, useGuest } from '../../api/home.ts';
import { useTypedValues, type TypedValues } from '../../ui/use-typed-values.ts';

/** What of the entries is not a length. */
export type GuestConditions = Omit<HomeEntries, 'values'>;

export interface GuestEntry extends Omit<TypedValues<MeasureId>, 'ready' | 'forget' | 'unsaved'> {
  readonly page: GuestPage;
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
  const { values: stored, unit } = page.entries;
  const { ready, forget, ...typing } = useTypedValues(
    `home-${token.slice(0, 12)}`,
    unit,
    stored,
    readMeasure,
  );
  const [failure, setFailure] = useState<string>();
  // One after the other, each on what the one before left: words and figures that are left in one breath must not
  // overwrite each other, and nothing may be handed in before it is stored.
  const line = useRef({ page, last: Promise.resolve(true) });
  const attempt = (act: (current: GuestPage) => Promise<GuestPage>): Promise<boolean> => {
    const done = line.current.last.then(async () => {
      try {
        line.current.page = await act(line.current.page);
        await mutate(line.current.page, { revalidate: false });
        setFailure(undefined);
        return true;
      } catch (error) {
        setFailure(error instanceof Error ? error.message : 'Not stored yet; try again.');
        return false;
      }
    });
    line.current.last = done;
    return done;
  };
  const save = (change: Partial<GuestConditions> = {}) =>
    attempt(async ({ entries: { values, ...conditions } }) => {
      const before = Object.fromEntries(Object.entries(values).map(([id, { typed }]) => [id, typed]));
      const written = Object.fromEntries(
        Object.entries(ready).map(([id, text]) => [id, withUnit(text, unit)]),
      );
      const answer = await actions.enter({ ...conditions, ...change, values: { ...before, ...written } });
      forget(ready);
      return answer;
    });
  return {
    ...typing,
    page,
    save,
    finish: () => attempt(actions.finish),
    addPicture: (file) => attempt(() => actions.addPicture(file)),
    removePicture: (id) => attempt(() => actions.removePicture(id)),
    failure,
  };
}
