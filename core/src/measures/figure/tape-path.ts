import type { MeasureId } from '../catalogue.ts';
import type { View } from './body-outline.ts';

/** Course of the tape for one measure, on the figure of that view. */
export interface TapePath {
  readonly view: View;
  readonly path: string;
}

const front = (path: string): TapePath => ({ view: 'front', path });
const back = (path: string): TapePath => ({ view: 'back', path });
const side = (path: string): TapePath => ({ view: 'side', path });

/** The tape from the shoulder over the bust; both starts look alike at this size. */
const overBust = 'M97 82C92 108 92 122 94 138C94 148 94 152 94 156L96 190';

/** The tape's path of every measure. Her right side is on the left. */
export const tapePaths: { readonly [id in MeasureId]: TapePath } = {
  height: side('M152 16L152 408'),
  heelHeight: side('M134 396L134 408'),
  shoulder: back('M71 91C90 83 130 83 149 91'),
  shoulderLength: front('M98 82L71 91'),
  acrossChest: front('M77 114L143 114'),
  acrossBack: back('M77 114L143 114'),
  bustSpan: front('M94 138L126 138'),
  shoulderToBust: front('M97 82C92 108 92 122 94 138'),
  shoulderToUnderBust: front('M97 82C92 108 92 122 94 138C94 148 94 152 94 156'),
  frontWaistLength: front(overBust),
  centreFrontLength: front('M110 92L110 190'),
  backWaistLength: back('M97 82C94 110 94 160 96 190'),
  napeToWaist: back('M110 82L110 190'),
  sideLength: side('M112 140L110 190'),
  shoulderToHip: front(`${overBust}C94 210 90 226 90 240`),
  shoulderToKnee: front(`${overBust}C94 210 90 226 90 240C90 280 94 320 95 350`),
  shoulderToCalf: front(`${overBust}C94 210 90 226 90 240C90 280 94 320 95 374`),
  shoulderToAnkle: front(`${overBust}C94 210 90 226 90 240C90 280 94 320 96 397`),
  fullLength: front(`${overBust}C94 210 90 226 90 240C90 280 94 320 96 408`),
  neck: front('M99 80C103 90 117 90 121 80'),
  highBust: front('M77 122C90 131 130 131 143 122'),
  bust: front('M77 138C90 149 130 149 143 138'),
  underBust: front('M80 156C92 165 128 165 140 156'),
  waist: front('M85 190C96 197 124 197 135 190'),
  lowWaist: front('M81 206C94 214 126 214 139 206'),
  highHip: front('M77 218C92 227 128 227 143 218'),
  hip: front('M72 240C88 251 132 251 148 240'),
  shoulderRound: front('M57 106C80 122 140 122 163 106'),
  offShoulderRound: front('M54 120C80 138 140 138 166 120'),
  head: front('M89 42C98 50 122 50 131 42'),
  armhole: front('M71 91C64 100 64 114 77 122C82 112 80 98 71 91'),
  upperArm: front('M156 142C160 148 165 147 169 143'),
  elbow: front('M162 178C166 184 171 183 174 178'),
  wrist: front('M171 212C174 216 178 216 181 212'),
  hand: front('M170 228C175 233 181 233 186 227'),
  elbowSleeveRound: front('M160 166C164 172 168 171 172 166'),
  threeQuarterRound: front('M166 195C170 200 175 200 178 195'),
  armLength: front('M149 91C164 98 167 126 174 176L181 212'),
  underarmLength: front('M145 124C156 140 158 158 162 178L171 212'),
  shoulderToElbow: front('M149 91C164 98 167 126 174 176'),
  waistToHip: front('M135 190C137 208 147 222 148 240'),
  waistToKnee: front('M135 190C137 208 147 222 148 240C148 276 140 312 136 350'),
  waistToAnkle: front('M135 190C137 208 147 222 148 240C148 276 140 312 136 350C138 366 137 380 131 398'),
  waistToFloor: front('M135 190C137 208 147 222 148 240C148 276 142 320 142 408'),
  inseam: front('M111 266C113 290 114 320 115 350C112 366 112 380 115 408'),
  crotchDepth: side('M110 190L110 262'),
  crotchLength: side('M94 190C90 222 92 262 112 264C134 266 142 226 125 190'),
  trouserWaistDrop: side('M110 190L110 203'),
  trouserWaist: front('M83 200C95 207 125 207 137 200'),
  thigh: front('M111 276C120 283 138 283 147 276'),
  knee: front('M115 350C120 355 131 355 136 350'),
  calf: front('M112 370C118 376 131 376 137 370'),
  ankle: front('M115 396C119 400 127 400 131 396'),
  foot: side('M125 408C116 402 108 394 100 396'),
};

/** The part of the figure that shows a tape: around it, large enough to know the body by. */
export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Least height of what is shown, and the room left around the tape, in the figure's own units. */
const LEAST = 190;
const ROOM = 34;
const SHAPE = 0.78;

/** Frames a path: a short tape is shown close by, a long one with the whole figure. */
export function frameOf(path: string): Frame {
  const numbers = path.match(/-?[\d.]+/g)?.map(Number) ?? [];
  const ys = numbers.filter((_value, index) => index % 2 === 1);
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const height = Math.max(LEAST, bottom - top + 2 * ROOM);
  const y = Math.max(4, Math.min((top + bottom - height) / 2, 414 - height));
  const width = Math.max(160, height * SHAPE);
  return { x: 110 - width / 2, y, width, height };
}
