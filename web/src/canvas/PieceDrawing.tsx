import { placeAtLength } from '@ample-bolt/core/geometry/curve';
import { add, quarterTurn, scale, type Point } from '@ample-bolt/core/geometry/point';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { Lit } from '@ample-bolt/core/pieces/lit-place';
import { edgeOf } from '@ample-bolt/core/pieces/piece';
import { curveText, lineText, ringText } from './path-text.ts';

/** What is lit up is drawn in the chalk of the mark in hand. */
const inHand = { strokeWidth: 3, stroke: 'var(--color-chalk-now)' };
/** Radius of a point that is lit up, mm. */
const LIT = 6;
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
  readonly lit?: Lit | undefined;
  readonly line?: 'stitch' | 'cut' | undefined;
}) {
  const { piece, outline } = drafted;
  const isLit = (id: string) => lit?.edges.includes(id) ?? false;
  return (
    <g fill="none" stroke={colour} strokeLinejoin="round" strokeLinecap="round">
      <path d={ringText(outline)} {...(line === 'cut' ? full : dotted)} {...fixed} />
      {piece.levels.map(({ name, path }) => (
        <path
          key={name}
          d={lineText(path)}
          {...(name === lit?.level ? inHand : { strokeWidth: 1, opacity: 0.45 })}
          {...fixed}
        />
      ))}
      {piece.edges.map(({ id, role, path }) => (
        <path
          key={id}
          d={curveText(path)}
          strokeWidth={isLit(id) ? 4 : role === 'dart' ? 1.6 : line === 'cut' ? 1.3 : 2.4}
          strokeDasharray={role === 'fold' ? '12 7' : line === 'cut' && !isLit(id) ? '1 5' : undefined}
          stroke={isLit(id) ? 'var(--color-chalk-now)' : colour}
          {...fixed}
        />
      ))}
      {piece.lines?.map(({ id, path }) => (
        <path key={id} d={curveText(path)} strokeWidth="1.6" strokeDasharray="8 4 1 4" {...fixed} />
      ))}
      {piece.contours?.map(({ id, top, outer, inner, bottom }) => (
        <path key={id} d={ringText([top, outer, bottom, inner])} strokeWidth="1.6" {...fixed} />
      ))}
      {piece.buttons?.map(({ x, y }) => (
        <circle key={y} cx={x} cy={y} r={BUTTON} strokeWidth="1.6" {...fixed} />
      ))}
      {lit?.points.map(({ x, y }) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r={LIT} {...inHand} {...fixed} />
      ))}
      {notchLines(drafted).map((ends, index) => (
        <path key={index} d={lineText(ends)} strokeWidth="2" {...fixed} />
      ))}
    </g>
  );
}
