import { placeAtLength } from '@ample-bolt/core/geometry/curve';
import { add, quarterTurn, scale, type Point } from '@ample-bolt/core/geometry/point';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { edgeOf } from '@ample-bolt/core/pieces/piece';
import { curveText, lineText, ringText } from './path-text.ts';

const full = { strokeWidth: 2.4 };
const dotted = { strokeWidth: 1.3, strokeDasharray: '1 5' };
const fixed = { vectorEffect: 'non-scaling-stroke' as const };
/** Length of a notch, mm, and how far the marks of a double one stand apart. */
const NOTCH = 8;
const NOTCH_GAP = 5;
/** Radius of a button, mm. */
const BUTTON = 7;

function notchLines({ piece }: DraftedPiece): readonly (readonly [Point, Point])[] {
  return piece.notches.flatMap(({ edge, at, kind }) => {
    const places = kind === 'double' ? [at - NOTCH_GAP / 2, at + NOTCH_GAP / 2] : [at];
    return places.map((place) => {
      const { point, direction } = placeAtLength(edgeOf(piece, edge).path, place);
      return [point, add(point, scale(quarterTurn(direction), -NOTCH))] as const;
    });
  });
}

/** One piece as chalk, in millimetres: the line that the shop chalks full, the other dotted, fold dashed, levels thin. */
export function PieceDrawing({
  drafted,
  colour,
  lit,
  line = 'stitch',
}: {
  readonly drafted: DraftedPiece;
  readonly colour: string;
  readonly lit?: string | undefined;
  readonly line?: 'stitch' | 'cut' | undefined;
}) {
  const { piece, outline } = drafted;
  return (
    <g fill="none" stroke={colour} strokeLinejoin="round" strokeLinecap="round">
      <path d={ringText(outline)} {...(line === 'cut' ? full : dotted)} {...fixed} />
      {piece.levels.map(({ name, path }) => (
        <path key={name} d={lineText(path)} strokeWidth="1" opacity="0.45" {...fixed} />
      ))}
      {piece.edges.map(({ id, role, path }) => (
        <path
          key={id}
          d={curveText(path)}
          strokeWidth={id === lit ? 4 : role === 'dart' ? 1.6 : line === 'cut' ? 1.3 : 2.4}
          strokeDasharray={role === 'fold' ? '12 7' : line === 'cut' && id !== lit ? '1 5' : undefined}
          stroke={id === lit ? 'var(--color-chalk-now)' : colour}
          {...fixed}
        />
      ))}
      {piece.contours?.map(({ id, top, outer, inner, bottom }) => (
        <path key={id} d={ringText([top, outer, bottom, inner])} strokeWidth="1.6" {...fixed} />
      ))}
      {piece.buttons?.map(({ x, y }) => (
        <circle key={y} cx={x} cy={y} r={BUTTON} strokeWidth="1.6" {...fixed} />
      ))}
      {notchLines(drafted).map((ends, index) => (
        <path key={index} d={lineText(ends)} strokeWidth="2" {...fixed} />
      ))}
    </g>
  );
}
