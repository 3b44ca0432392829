import type { MeasuresUsed } from '../measures/sequences.ts';
import { isMeasureId, type MeasureId } from '../measures/catalogue.ts';
import type { MeasuredFrom } from '../measures/measure-set.ts';
import type { ClientKind } from '../measures/measure-set.ts';
import { measuresIn, type SequenceId } from '../measures/sequences.ts';
import { startsAtShoulder } from '../measures/steps.ts';
import type { Unit } from '../units/length.ts';
import type { EnteredById, MeasureSet } from './ticket.ts';

/** Where a private link stands: waiting for the client, sent by her, and then taken by the shop or not. */
export type HomeState = 'open' | 'sent' | 'accepted' | 'refused';

/** What a client entered at home. */
export interface HomeEntries {
  readonly unit: Unit;
  readonly from: MeasuredFrom;
  readonly undergarment: string;
  readonly remarks: string;
  readonly values: EnteredById;
}

/** A private link as the shop sees it. */
export interface HomeLink {
  readonly id: string;
  readonly state: HomeState | 'expired';
  readonly sequence: string;
  readonly expiresAt: string;
  readonly sentAt: string | null;
  /** What was entered; shown to the shop once it was sent. */
  readonly entries: HomeEntries | null;
  /** Ids of the pictures that go with it. */
  readonly pictures: readonly string[];
}

/** All that a client sees: what she is asked, and what she entered. Nothing of the ticket, the shop or other sets. */
export interface GuestPage {
  readonly asked: readonly MeasureId[];
  readonly kind: ClientKind;
  readonly entries: HomeEntries;
  /** Ids of her pictures. */
  readonly pictures: readonly string[];
  readonly expiresAt: string;
  readonly sent: boolean;
}

export const noEntries = (unit: Unit): HomeEntries => ({
  unit,
  from: 'neckSide',
  undergarment: '',
  remarks: '',
  values: {},
});

/** Pictures that may go with a set. */
export const PICTURES_MOST = 3;

/** Measures that nobody can take without being there are not asked for at home. */
const onlyInTheShop: readonly MeasureId[] = ['crotchDepth', 'centreFrontLength', 'sideLength'];

/** What a client is asked to measure at home, in taking order. */
export const homeMeasures = (sequence: SequenceId, used: MeasuresUsed | undefined): MeasureId[] =>
  measuresIn(sequence, used).filter((id) => !onlyInTheShop.includes(id));

/**
 * The ticket's next set, from what a client entered: her figures over those that the ticket had. A ticket that had none
 * takes hers as its first. Lengths of the ticket that started elsewhere than hers do not go with them, and are left out.
 */
export function setFromHome(
  own: MeasureSet,
  { from, undergarment, values }: HomeEntries,
  { takenOn, takenBy }: Pick<MeasureSet, 'takenBy'> & { readonly takenOn: string },
): MeasureSet {
  const begun = Object.keys(own.values).length > 0;
  const kept = Object.entries(own.values).filter(
    ([id]) => from === own.from || !isMeasureId(id) || !startsAtShoulder(id),
  );
  return {
    ...own,
    revision: begun ? own.revision + 1 : own.revision,
    source: 'home',
    takenBy,
    takenOn,
    undergarment: undergarment || own.undergarment,
    from,
    values: { ...Object.fromEntries(kept), ...values },
  };
}
