import { endOf, startOf } from '../geometry/curve.ts';
import type { Point } from '../geometry/point.ts';
import type { Place } from './dimension.ts';
import type { LevelName } from './level.ts';
import { edgesWithRole, type Piece } from './piece.ts';
import { cornerOf } from './read-place.ts';

/** Edges, a level line and points of a piece that are lit up on its drawing. */
export interface Lit {
  readonly edges: readonly string[];
  readonly level?: LevelName;
  readonly points: readonly Point[];
}

const ofEdges = (...edges: readonly string[]): Lit => ({ edges, points: [] });
const ofPoints = (...points: readonly (Point | undefined)[]): Lit => ({
  edges: [],
  points: points.filter((point) => point !== undefined),
});

function contourPoints(piece: Piece, at: Extract<Place, { kind: 'contour' }>): (Point | undefined)[] {
  const dart = piece.contours?.find(({ id }) => id === at.dart);
  switch (at.part) {
    case 'intake':
      return [dart?.outer, dart?.inner];
    case 'upper tip':
      return [dart?.top];
    case 'lower tip':
      return [dart?.bottom];
  }
}

/** The edges, level and points that a cut dimension lies on. */
export function litPlace(piece: Piece, at: Place): Lit {
  const idsOf = (role: Extract<Place, { kind: 'run' }>['of']) =>
    edgesWithRole(piece, role).map(({ id }) => id);
  switch (at.kind) {
    case 'corner':
      return ofPoints(cornerOf(piece, at)?.at);
    case 'level': {
      const path = piece.levels.find(({ name }) => name === at.level)?.path;
      return {
        edges: [],
        level: at.level,
        points: [at.end === 'side' ? path?.at(-1) : path?.[0]].filter((point) => point !== undefined),
      };
    }
    case 'width':
      return { edges: [], level: at.level, points: [] };
    case 'dart': {
      const legs = piece.darts.find(({ id }) => id === at.dart)?.legs ?? [];
      if (at.part !== 'tip') return ofEdges(...legs);
      const leg = piece.edges.find(({ id }) => id === legs[0]);
      return ofPoints(leg && endOf(leg.path));
    }
    case 'contour':
      return ofPoints(...contourPoints(piece, at));
    case 'run':
    case 'raise':
    case 'from centre':
      return ofEdges(...idsOf(at.of));
    case 'edge':
      return ofEdges(at.edge);
    case 'edge end': {
      const path = piece.edges.find(({ id }) => id === at.edge)?.path;
      return ofPoints(path && (at.end === 'start' ? startOf(path) : endOf(path)));
    }
    case 'between':
      return ofEdges(...idsOf(at.from), ...idsOf(at.to));
    case 'buttons':
      return ofPoints(...(piece.buttons ?? []));
    case 'inside':
      return ofPoints({ x: at.x, y: at.y });
  }
}
