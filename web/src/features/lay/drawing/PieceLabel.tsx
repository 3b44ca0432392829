import { boxOf } from '@ample-bolt/core/geometry/ring';
import type { Placement } from '@ample-bolt/core/lay/model/lay';
import { pieceName } from '@ample-bolt/core/words/names';
import polylabel from 'polylabel';
import { useMemo } from 'react';

interface PieceLabelProps {
  readonly placement: Placement;
  readonly x: (along: number) => number;
  readonly y: (across: number) => number;
  readonly colour: string;
}

/** How far a label keeps from the fold line that would strike it out, in pixels. */
const OFF_FOLD = 16;
/** How exactly the roomiest point of a piece is looked for, mm. */
const PRECISION = 5;
const SIZE = 13;
const SMALL = 11;
/** Smaller than this a name cannot be read: the piece is named when it is pressed. */
const LEAST_SIZE = 7.5;
/** Width of a letter as a share of its size, about. */
const LETTER = 0.56;

/** The piece's name at its roomiest point, and its grain: an arrow that points to its hem. */
export function PieceLabel({ placement, x, y, colour }: PieceLabelProps) {
  const room = useMemo(
    () => polylabel([placement.polygon.map((point) => [point.x, point.y])], PRECISION),
    [placement.polygon],
  );
  const [across, along] = room;
  const name = pieceName(placement.piece);
  // The centre of a piece on the fold is the fold, and one half is as roomy as the other.
  const box = boxOf(placement.polygon);
  const fold = y((box.minX + box.maxX) / 2);
  const middle = placement.onFold ? fold - Math.max(OFF_FOLD, Math.abs(y(across) - fold)) : y(across);
  const half = ((name.length + 2) * SIZE * LETTER) / 2 + 4;
  const [start, end] = [x(box.minY), x(box.maxY)];
  const [upper, lower] = [y(box.minX), y(box.maxX)];
  // Read along the cloth; across it where the piece is too short for its name, so that it does not run into its neighbour's.
  const turned = end - start < 2 * half && lower - upper > end - start;
  const within = (at: number, from: number, to: number) =>
    from + half < to - half ? Math.min(to - half, Math.max(from + half, at)) : (from + to) / 2;
  const length = turned ? lower - upper : end - start;
  const lines =
    2 * half <= length
      ? [`${name} ${arrow(turned, placement.rotation)}`]
      : inTwo(`${name} ${arrow(turned, placement.rotation)}`);
  const centre = turned ? x(along) : Math.max(half, within(x(along), start, end));
  const level = turned ? within(y(across), upper, placement.onFold ? fold : lower) : middle;
  // No larger than the piece is roomy, so that names do not lie on each other where pieces do not.
  const widest = Math.max(...lines.map((line) => line.length)) * LETTER;
  const size = Math.min(
    lines.length > 1 ? SMALL : SIZE,
    (1.9 * (x(room.distance) - x(0))) / lines.length,
    length / widest,
  );
  if (size < LEAST_SIZE) return null;
  return (
    <text
      transform={`translate(${centre} ${level})${turned ? ' rotate(-90)' : ''}`}
      textAnchor="middle"
      fill={colour}
      fontSize={size}
      fontWeight="600"
      pointerEvents="none"
    >
      {lines.map((line, index) => (
        <tspan key={line} x="0" dy={index === 0 ? 0.3 * size - (lines.length - 1) * (size / 2) : size + 1}>
          {line}
        </tspan>
      ))}
    </text>
  );
}

/** Where a hem points as its piece is turned, by eighths of a turn: along the cloth is to the right on the screen, to the upper selvedge up. */
const arrows = ['→', '↗', '↑', '↖', '←', '↙', '↓', '↘'];

/** The way to the hem as it points on the screen: a name that runs upwards takes its arrow along. */
const arrow = (turned: boolean, rotation: number): string =>
  arrows[(rotation / 45 + (turned ? 6 : 0)) % 8] ?? '';

/** A name that is too long for its piece, in two lines. */
function inTwo(text: string): string[] {
  const words = text.split(' ');
  const middle = Math.floor(words.length / 2);
  return [words.slice(0, middle).join(' '), words.slice(middle).join(' ')].filter((line) => line !== '');
}
