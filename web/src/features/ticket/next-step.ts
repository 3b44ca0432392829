import { stationsOf, type StationId, type TicketProgress } from '@ample-bolt/core/shop/stations';

export interface NextStep {
  readonly station: StationId;
  /** On the button. */
  readonly verb: string;
  /** Beside the progress strip. */
  readonly words: string;
}

function cutWords(cut: number, laid: number): Pick<NextStep, 'verb' | 'words'> {
  if (cut === 0) return { verb: 'Cut', words: 'all chalked; cut' };
  if (cut < laid) return { verb: 'Cut', words: `cut ${cut} of ${laid} pieces` };
  return { verb: 'Look', words: 'cut; ready to sew' };
}

/** The one thing to do next on a ticket. */
export function nextStep(progress: TicketProgress): NextStep {
  const station =
    stationsOf(progress).find(({ state }) => state === 'next' || state === 'held')?.id ?? 'chalk';
  const { measuresMissing, marksDone, marksInAll, piecesCut, piecesLaid } = progress;
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
      return { station, verb: 'Look', words: 'look at the draft' };
    case 'lay':
      return { station, verb: 'Plan lay', words: 'drafted; plan the cloth' };
    case 'chalk':
      if (marksInAll > 0 && marksDone >= marksInAll) return { station, ...cutWords(piecesCut, piecesLaid) };
      return {
        station,
        verb: marksDone > 0 ? 'Go on' : 'Chalk',
        words: marksDone > 0 ? `chalked ${marksDone} of ${marksInAll}` : 'laid; ready to chalk',
      };
  }
}
