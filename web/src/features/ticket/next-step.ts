import { stationsOf, type StationId, type TicketProgress } from '@ample-bolt/core/shop/stations';

export interface NextStep {
  readonly station: StationId;
  /** On the button. */
  readonly verb: string;
  /** Beside the progress strip. */
  readonly words: string;
  /** Nothing is left to do here. */
  readonly done?: boolean;
}

/** `lining and stay`. */
export const roleList = (roles: readonly string[]): string =>
  roles.length < 2 ? (roles[0] ?? '') : `${roles.slice(0, -1).join(', ')} and ${roles.at(-1) ?? ''}`;

function cutWords(cut: number, laid: number): Omit<NextStep, 'station'> {
  if (cut === 0) return { verb: 'Cut', words: 'all chalked; cut' };
  if (cut < laid) return { verb: 'Cut', words: `cut ${cut} of ${laid} pieces` };
  return { verb: 'Look', words: 'cut; ready to sew', done: true };
}

/** The one thing to do next on a ticket. */
export function nextStep(progress: TicketProgress): NextStep {
  const station =
    stationsOf(progress).find(({ state }) => state === 'next' || state === 'held')?.id ?? 'chalk';
  const { measuresMissing, stops, marksDone, marksInAll, piecesCut, piecesLaid, toLay, withoutCloth } =
    progress;
  switch (station) {
    case 'measure':
      return {
        station,
        verb: 'Measure',
        words: measuresMissing === 1 ? 'one measure missing' : `${measuresMissing} measures missing`,
      };
    case 'style':
      return { station, verb: 'Agree style', words: 'measured; agree the style' };
    case 'figures':
    case 'draft':
      return {
        station,
        verb: 'Look',
        words: stops === 1 ? 'held by a check' : stops > 1 ? `held by ${stops} checks` : 'look at the draft',
      };
    case 'lay':
      return toLay.length > 0 || withoutCloth.length === 0
        ? { station, verb: 'Plan lay', words: `plan the ${roleList(toLay.length > 0 ? toLay : ['cloth'])}` }
        : { station, verb: 'Add cloth', words: `no cloth yet for the ${roleList(withoutCloth)}` };
    case 'chalk':
      if (marksInAll > 0 && marksDone >= marksInAll) return { station, ...cutWords(piecesCut, piecesLaid) };
      return {
        station,
        verb: marksDone > 0 ? 'Go on' : 'Chalk',
        words: marksDone > 0 ? `chalked ${marksDone} of ${marksInAll}` : 'laid; ready to chalk',
      };
  }
}
