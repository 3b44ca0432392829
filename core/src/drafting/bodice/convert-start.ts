import { distance, point } from '../../geometry/point.ts';
import { measureIds, type MeasureId } from '../../measures/catalogue.ts';
import { deriveMeasure } from '../../worked-out/derive.ts';
import type { MeasuredFrom, MeasureValues } from '../../measures/measure-set.ts';
import { startsAtShoulder } from '../../measures/steps.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { resolveBody, type Person } from '../body.ts';
import { shoulderLine, shoulderStart } from './frame.ts';
import { ADULT_HEIGHT } from './size-of.ts';

/** A set as it would have been measured from the other start, mm. */
export interface ConvertedStart {
  readonly values: MeasureValues;
  readonly moved: readonly { readonly id: MeasureId; readonly before: number; readonly after: number }[];
  /** Lengths that geometry cannot carry over, because these measures are missing. */
  readonly kept: readonly { readonly id: MeasureId; readonly needs: readonly MeasureId[] }[];
}

const acrossFront: readonly MeasureId[] = ['shoulder', 'bustSpan', 'shoulderToBust'];
const acrossBack: readonly MeasureId[] = ['shoulder'];

const missing = (values: MeasureValues, ids: readonly MeasureId[]): MeasureId[] =>
  ids.filter((id) => values[id] === undefined);

/** The body's height as it was taken, or worked out, or an adult's: the shoulder's drop is scaled by it. */
function withHeight(values: MeasureValues, rules: RuleSet): MeasureValues {
  const working = deriveMeasure('height', values, rules);
  return { height: working ? working.mm : ADULT_HEIGHT, ...values };
}

/**
 * What front and back lengths gain when their start moves along the shoulder, mm. The bust point stays, and from both
 * starts the tape to it is the long side of a triangle whose foot is the half span; front lengths run over the bust
 * point, so all change by the same. The back's runs straight down and changes by the level of the start alone.
 */
function gains(
  { values, ...person }: Person,
  to: MeasuredFrom,
  rules: RuleSet,
): { front: number; back: number } {
  const { body } = resolveBody({ ...person, values: withHeight(values, rules) }, [], rules);
  const line = shoulderLine(body, rules);
  const [start, end] = [shoulderStart(line, person.from), shoulderStart(line, to)];
  const { bustSpan = 0, shoulderToBust = 0 } = values;
  const across = start.x - bustSpan / 2;
  const straight = Math.sqrt(Math.max(shoulderToBust ** 2 - across ** 2, 0));
  const bustPoint = point(bustSpan / 2, start.y + straight);
  return { front: distance(end, bustPoint) - shoulderToBust, back: start.y - end.y };
}

/** Carries the lengths of a set that start at the shoulder over to the other start, where its measures allow. */
export function convertStart(person: Person, to: MeasuredFrom, rules: RuleSet): ConvertedStart {
  const { values } = person;
  const lengths = measureIds.flatMap((id) => {
    const before = values[id];
    return startsAtShoulder(id) && before !== undefined ? [{ id, before }] : [];
  });
  const needsOf = (id: MeasureId) => missing(values, id === 'backWaistLength' ? acrossBack : acrossFront);
  const kept = lengths.map(({ id }) => ({ id, needs: needsOf(id) })).filter(({ needs }) => needs.length > 0);
  const convertible = lengths.filter(({ id }) => !kept.some((each) => each.id === id));
  if (convertible.length === 0 || to === person.from) return { values, moved: [], kept };
  const { front, back } = gains(person, to, rules);
  const moved = convertible.map(({ id, before }) => ({
    id,
    before,
    after: before + (id === 'backWaistLength' ? back : front),
  }));
  const after = Object.fromEntries(moved.map((each) => [each.id, each.after]));
  return { values: { ...values, ...after }, moved, kept };
}
