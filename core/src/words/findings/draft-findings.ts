import type { FigureSlip } from '../../findings/figure-slip.ts';
import { ruleOf } from '../../rules/catalogue.ts';
import { measureName } from '../../measures/catalogue.ts';
import { dartLabel } from '../../pieces/dart-dimensions.ts';
import { ownId } from '../../pieces/other-half.ts';
import { capital } from '../../text/capital.ts';
import { girthName } from '../girth-name.ts';
import { pieceName, roleName } from '../names.ts';
import { figureWords, type WordedTable } from './say.ts';

/** Why a part that was chosen cannot be sewn to the bodice as it is chosen now. */
const missingJoin = {
  neck: 'As it is chosen now the bodice has no round neck that a collar can follow: its neckline has a corner.',
  armhole: 'As it is chosen now the bodice has no armhole that a sleeve can be set into.',
  waist:
    'As it is chosen now the bodice has no seam at the waist for a skirt: it goes on to a hem, or ends above.',
} as const;

/** The amount that a figure is off by, in words. */
const slipWords: { readonly [slip in FigureSlip]: (of: string) => string } = {
  allowance: (of) => `exactly the allowance of the ${of}: forgotten, or added twice`,
  'allowance-twice': (of) => `exactly twice the allowance of the ${of}`,
  intake: (of) => `exactly what the ${of} takes: not given back, or given back twice`,
  'half-round': (of) => `half of the ${of}: a half was taken for a quarter`,
  'quarter-round': (of) => `a quarter of the ${of}: it was left out, or added twice`,
};

/** Findings about the draft: where measures and choices do not make the garment that is meant. */
export const draftFindings: WordedTable<
  | 'shoulder-length-differs'
  | 'neck-narrower-than-base'
  | 'neck-wider-than-shoulder'
  | 'neck-deep'
  | 'armhole-off-measure'
  | 'side-off-measure'
  | 'underarm-wider-than-body'
  | 'front-shorter-than-back'
  | 'front-rides-up'
  | 'bust-dart-unsolved'
  | 'dart-past-side'
  | 'bust-dart-large'
  | 'armhole-not-tightened'
  | 'waist-unsolved'
  | 'waist-dart-large'
  | 'under-bust-off'
  | 'under-bust-not-shaped'
  | 'dart-left-out'
  | 'edge-covers-little'
  | 'edge-wider-than-body'
  | 'edge-looser-than-asked'
  | 'edge-pull-unheld'
  | 'elastic-length'
  | 'top-too-low'
  | 'hem-above-tip'
  | 'back-open-below-hem'
  | 'arm-share-small'
  | 'band-narrowed'
  | 'allowance-unusual'
  | 'figure-slip'
  | 'pair-changed-alone'
  | 'hem-not-level'
  | 'correction-left-out'
  | 'band-too-deep'
  | 'length-above-hip'
  | 'hem-needs-hip'
  | 'hem-below-stride'
  | 'facing-meets-dart'
  | 'zip-too-short'
  | 'opening-too-small'
  | 'sleeve-wider'
  | 'sleeve-too-narrow'
  | 'sleeve-above-underarm'
  | 'flounces-apart'
  | 'leg-above-crotch'
  | 'no-room-to-sit'
  | 'skirt-tight-at-hip'
  | 'part-without-join'
  | 'part-needs-measures'
  | 'figure-unreachable'
  | 'figure-not-a-point'
  | 'figure-unknown'
  | 'outline-crosses-itself'
  | 'seam-differs'
  | 'round-differs'
  | 'cut-later'
> = {
  'shoulder-length-differs': ({ found, expected }, length) =>
    `The shoulder comes out ${length(found)}, but one shoulder was measured ${length(expected)}.`,
  'neck-narrower-than-base': ({ found, expected }, length) =>
    `The neck is chosen ${length(found)} wide; the neck base lies at ${length(expected)}, and the draft uses that.`,
  'neck-wider-than-shoulder': ({ found, expected }, length) =>
    `The neck is chosen ${length(found)} wide; past ${length(expected)} too little shoulder is left to sew.`,
  'neck-deep': ({ found, expected }, length) =>
    `The neck reaches ${length(found)} down; lower than ${length(expected)} shows more than most clients expect.`,
  'armhole-off-measure': ({ found, expected }, length) =>
    `The armhole comes out ${length(found)}; measured with ease it should be ${length(expected)}.`,
  'side-off-measure': ({ found, expected }, length) =>
    `The side comes out ${length(found)}; it was measured ${length(expected)}, and armhole, bust and back lengths leave it no nearer.`,
  'underarm-wider-than-body': ({ found, expected }, length) =>
    `Under the arm the garment is ${length(found)} round; by the round above the bust ${length(expected)} would lie close there.`,
  'front-shorter-than-back': ({ found, expected }, length) =>
    `The front waist lies ${length(Math.abs(found - expected))} above the back's. Fronts are usually as long or longer.`,
  'front-rides-up': ({ found, expected }, length) =>
    `Without a bust dart the front is cut ${length(Math.abs(found - expected))} shorter than it was measured, and rides up over the bust.`,
  'bust-dart-unsolved': ({ found }, length) =>
    `Front and back side differ by ${length(found)} and no bust dart makes up for it.`,
  'dart-past-side': ({ where, found, expected }, length) =>
    `${pieceName(where.piece)}: the ${dartLabel(ownId(where.subject)).toLowerCase()} ends ${length(found)} out, past the edge at ${length(expected)}.`,
  'bust-dart-large': ({ found, expected }, length) =>
    `The bust dart takes ${length(found)}; over ${length(expected)} it stands up in a point.`,
  'armhole-not-tightened': ({ found }, length) =>
    `The armhole cannot be made ${length(found)} tighter: there is no bust dart for the wedge to go into.`,
  'waist-unsolved': ({ where, found }, length) =>
    `${pieceName(where.piece)}: the waist misses its width by ${length(found)}.`,
  'waist-dart-large': ({ where, found, expected }, length) =>
    `${pieceName(where.piece)}: a waist dart takes ${length(found)}; over ${length(expected)} it stands up in a point.`,
  'under-bust-off': ({ found, expected }, length) =>
    `Under the bust the garment comes out ${length(found)} round; ${length(expected)} is wanted. One seam shapes no more there.`,
  'under-bust-not-shaped': () =>
    'The bust line falls so low at the side that nothing is shaped under the bust.',
  'dart-left-out': ({ where, found }, length) =>
    `${pieceName(where.piece)}: only ${length(found)} to take in, too little for a ${where.subject}; the side takes it.`,
  'edge-covers-little': ({ where, found, expected }, length) =>
    `${pieceName(where.piece)}: the top edge stands ${length(found)} above the bust line; under ${length(expected)} shows more than most clients expect.`,
  'edge-wider-than-body': ({ found, expected }, length) =>
    `The top edge is ${length(found)} round, and the body there ${length(expected)}: it would slide down.`,
  'edge-looser-than-asked': ({ found, expected }, length) =>
    `The top edge comes out ${length(found)} round; ${length(expected)} was asked. Seams and sides take no more out there.`,
  'edge-pull-unheld': ({ found, expected }, length) =>
    `The top edge is cut ${length(found)} tighter than the body; over ${length(expected)} its cut alone does not hold it.`,
  'elastic-length': ({ found }, length) => `Elastic for the top edge: ${length(found)}, and its joins.`,
  'top-too-low': ({ where, found, expected }, length) =>
    `${pieceName(where.piece)}: the top edge is set to ${length(found)}, at or under the bust line; ${length(expected)} is the most there is.`,
  'hem-above-tip': ({ found, expected }, length) =>
    `Cut off ${length(found)} above the waist the hem would meet the darts; it is drawn ${length(expected)} above.`,
  'back-open-below-hem': ({ found, expected }, length) =>
    `The back is open ${length(found)} down; it has no cloth left above the hem. ${length(expected)} is the most there is.`,
  'arm-share-small': ({ found, expected }, length) =>
    `Off the shoulders, ${length(found)} of the round are left for each arm; an arm needs ${length(expected)} or more.`,
  'band-narrowed': ({ where, found, expected }, length) =>
    `${pieceName(where.piece)}: asked ${length(found)} deep; it is drawn ${length(expected)}, so that the arm passes under it.`,
  'allowance-unusual': ({ where, found, least, most }, length) =>
    `${capital(ruleOf(where.subject).label)}: ${length(found)} is outside what is usual, ${length(least)} to ${length(most)}, or twice it.`,
  'figure-slip': ({ where, found, expected, slip, of }, length) =>
    `${pieceName(where.piece)}: a figure set by hand to ${length(found)} is off ${length(expected)} by ${slipWords[slip](of)}.`,
  'pair-changed-alone': ({ where, found, expected }, length) =>
    `${figureWords(where.figure)} is set by hand to ${length(found)}; ${figureWords(where.subject)}, which was like it, is still ${length(expected)}.`,
  'hem-not-level': ({ where, found }, length) =>
    `${pieceName(where.piece)}: a figure set by hand moves one end of the hem ${length(found)} further than the other; it does not hang as it was drawn.`,
  'correction-left-out': ({ where, found, from }, length) => ({
    message: `${capital(from)} found ${length(Math.abs(found))} to be ${found < 0 ? 'taken off' : 'added'} at ${figureWords(where.figure)}; this garment is drafted without it.`,
    remedy: 'Take the correction in, or write down why it is not wanted here.',
  }),
  'band-too-deep': ({ where, found, expected }, length) =>
    `${pieceName(where.piece)}: ${length(found)} deep, but the armhole under the top edge leaves only ${length(expected)} to sew it to.`,
  'length-above-hip': ({ found, expected }, length) => ({
    message: `The skirt is ${length(found)} from the waist; it must pass the hip, at least ${length(expected)}.`,
    remedy: 'Make it longer.',
  }),
  'hem-needs-hip': () => 'Below the waist the hem needs the hip, which was not measured; drawn to the waist.',
  'hem-below-stride': ({ found, expected }, length) =>
    `The hem is ${length(found)} round; a stride needs about ${length(expected)}.`,
  'facing-meets-dart': ({ where }) => ({
    message: `${pieceName(where.piece)}: a dart reaches up into the facing.`,
    remedy: 'Cut the neck less deep, or make the facing narrower in the house rules.',
  }),
  'zip-too-short': ({ found, expected }, length) =>
    `Below the zip the garment stays ${length(found)} round; it must pass ${length(expected)}.`,
  'opening-too-small': ({ where, found, expected }, length) =>
    `The ${where.subject} is ${length(found)} round; ${measureName(where.measure)} is ${length(expected)} and does not pass.`,
  'sleeve-wider': ({ found, expected }, length) =>
    `The sleeve comes out ${length(found)} round at the upper arm where ${length(expected)} is meant: the armhole is large for the arm, and the cap no higher than it can be.`,
  'sleeve-too-narrow': ({ found, expected }, length) =>
    `The sleeve comes out ${length(found)} round at the upper arm where ${length(expected)} is meant: the armhole is small for the arm.`,
  'sleeve-above-underarm': ({ found, expected }, length) =>
    `The sleeve would end ${length(found)} down, above its underarm; it is drawn ${length(expected)} long.`,
  'flounces-apart': ({ found, expected }, length) =>
    `The flounces are ${length(found)} deep and lie ${length(expected)} apart: the sleeve shows between them.`,
  'leg-above-crotch': ({ found, expected }, length) =>
    `The legs would end ${length(found)} down, at their crotch; they are drawn ${length(expected)} long.`,
  'no-room-to-sit': ({ found, expected }, length) =>
    `The crotch is ${length(found)} deeper than the body under a bodice that cannot ride up; to bend and sit it wants ${length(expected)}.`,
  'skirt-tight-at-hip': ({ found, expected }, length) =>
    `The skirt is ${length(found)} round at the hip, which is ${length(expected)}.`,
  'part-without-join': ({ where }) => missingJoin[where.subject],
  'part-needs-measures': ({ part, needs }) => ({
    message: `The ${part.toLowerCase()} is not drawn: ${needs.map(measureName).join(', ')} ${needs.length === 1 ? 'was' : 'were'} not measured.`,
    remedy: `Measure ${needs.map(measureName).join(', ')}, or leave it off.`,
  }),
  'figure-unreachable': ({ where, found, expected }, length) =>
    `${figureWords(where.figure)} cannot be set to ${length(found)}; computed it is ${length(expected)}.`,
  'figure-not-a-point': ({ where }) =>
    `${figureWords(where.figure)} follows from other figures and cannot be set by itself.`,
  'figure-unknown': ({ where }) => `This draft has no figure ${where.figure}; it was set by hand.`,
  'outline-crosses-itself': ({ where }) =>
    `${pieceName(where.piece)}: the outline crosses itself. Some measures contradict each other.`,
  'seam-differs': ({ where, found, expected, stretch, stretches }, length) =>
    `Seam ${where.subject}${stretches > 1 ? `, stretch ${stretch} of ${stretches} between its notches` : ''}: the two sides differ by ${length(Math.abs(found - expected))}.`,
  'round-differs': ({ where, face, found, expected }, length) =>
    `Finished ${girthName({ level: where.subject, face })}${where.piece === undefined ? '' : ' of the lining'} is ${length(found)}; wanted ${length(expected)}.`,
  'cut-later': ({ roles, found }, length) =>
    `${capital(roles.map((role) => roleName[role]).join(' and '))} left for later, with a reserve of ${length(found)}: cut once the panels are joined.`,
};
