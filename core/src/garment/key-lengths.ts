import { seamEdges } from '../pieces/seam.ts';
import type { Detail } from '../drafting/detail.ts';
import type { Draft } from '../drafting/draft.ts';
import { timesInGarment } from '../pieces/girth.ts';
import { edgesByName, nameOfEdge } from '../pieces/named-edge.ts';
import { edgeLength, edgesWithRole, isInside, type EdgeRole, type Piece } from '../pieces/piece.ts';

/** A finished length of the garment that a client asks for, mm. */
export interface KeyLength {
  readonly of:
    'length' | 'hem-round' | 'lower-round' | 'zip' | 'sleeve' | 'sleeve-round' | 'leg' | 'leg-round' | 'trim';
  readonly mm: number;
}

const body: readonly Piece['part'][] = ['bodice', 'cup', 'yoke', 'waistband'];

const isSeen = (piece: Piece, parts: readonly Piece['part'][]): boolean =>
  parts.includes(piece.part) && !isInside(piece);

/** Round of all edges of a role that are not sewn on to anything, mm. */
const roundOf = (pieces: readonly Piece[], role: EdgeRole, sewn: ReadonlySet<string>): number =>
  pieces.reduce((round, piece) => {
    const free = edgesWithRole(piece, role).filter((edge) => !sewn.has(nameOfEdge(piece, edge)));
    return round + timesInGarment(piece) * free.reduce((sum, edge) => sum + edgeLength(edge), 0);
  }, 0);

/** From the start line down the centre front to where the garment ends, mm; undefined where it has no centre in front. What hangs from the waist by itself is `hung` long. */
function frontLength(pieces: readonly Piece[], hung: number | undefined): number | undefined {
  const centres = pieces
    .filter(({ face, panel }) => face === 'front' && panel !== 'side')
    .flatMap((piece) =>
      (['fold', 'centre'] as const).flatMap((role) =>
        edgesWithRole(piece, role).map(({ path }) => ({
          piece,
          ys: path.flatMap(({ a, b }) => [a.y, b.y]),
        })),
      ),
    );
  const foot = (of: typeof centres) => Math.max(...of.flatMap(({ ys }) => ys));
  const [skirt, above] = [
    centres.filter(({ piece }) => piece.part === 'skirt'),
    centres.filter(({ piece }) => piece.part !== 'skirt'),
  ];
  if (above.length === 0) return undefined;
  const own = Math.max(0, ...skirt.map(({ ys }) => Math.max(...ys) - Math.min(...ys)));
  return foot(above) + (hung ?? own);
}

/** Length of a zip: all its edges, of the last only the part that it is sewn to, mm. */
function zipLength(pieces: readonly Piece[], { edges, to }: Extract<Detail, { kind: 'zip' }>): number {
  const find = edgesByName(pieces);
  const lengths = edges.map((name) => {
    const found = find(name);
    return found ? edgeLength(found.edge) : 0;
  });
  const last = lengths.at(-1) ?? 0;
  return lengths.reduce((sum, each) => sum + each, 0) - last + Math.min(last, to ?? last);
}

/** Length at the side and round of a leg. */
function legLengths({ legs }: Extract<Detail, { kind: 'trousers' }>): KeyLength[] {
  const [length, round] = legs.at(-1) ?? [0, 0];
  return [
    { of: 'leg', mm: length },
    { of: 'leg-round', mm: round },
  ];
}

const trimOf = ({ trim }: { readonly trim?: number }): KeyLength[] =>
  trim === undefined ? [] : [{ of: 'trim', mm: trim }];

function ofDetail(pieces: readonly Piece[], detail: Detail): KeyLength[] {
  switch (detail.kind) {
    case 'zip':
      return [{ of: 'zip', mm: zipLength(pieces, detail) }];
    case 'sleeve': {
      const [length, round] = detail.girths.at(-1) ?? [0, 0];
      return [{ of: 'sleeve', mm: length }, { of: 'sleeve-round', mm: round }, ...trimOf(detail)];
    }
    case 'skirt':
      return [...(detail.zip === 0 ? [] : [{ of: 'zip', mm: detail.zip } as const]), ...trimOf(detail)];
    case 'trousers':
      return [{ of: 'zip', mm: detail.zip }, ...legLengths(detail)];
    case 'placket':
    case 'collar':
    case 'flounce':
    case 'cape':
    case 'arm-band':
    case 'neck-tie':
    case 'lacing':
    case 'sash':
    case 'overlay':
    case 'waistband':
      return [];
  }
}

/** A zip that runs on from one part into the next is one, and trim is bought in one length. */
const asOne = (lengths: readonly KeyLength[], of: 'zip' | 'trim'): KeyLength[] => {
  const own = lengths.filter((each) => each.of === of);
  const others = lengths.filter((each) => each.of !== of);
  return own.length === 0 ? others : [...others, { of, mm: own.reduce((sum, { mm }) => sum + mm, 0) }];
};

/** The finished lengths of a garment at a glance: how long it is, how wide it ends, its zip, its sleeves. */
export function keyLengths(draft: Draft): KeyLength[] {
  const all = draft.pieces.map(({ piece }) => piece);
  const hung = draft.details.find((detail) => detail.kind === 'skirt');
  // Of layers that hang over each other the first is told.
  const skirt = all.filter((piece) => isSeen(piece, ['skirt']) && (!hung || hung.pieces.includes(piece.id)));
  const shown = all.filter((piece) => isSeen(piece, body));
  const sewn = new Set(draft.seams.flatMap(seamEdges));
  const lowest = skirt.length > 0 ? skirt : shown;
  const [hem, waist] = [roundOf(lowest, 'hem', sewn), roundOf(lowest, 'waist', sewn)];
  // Of trousers the leg is told instead.
  const hasLegs = all.some(({ part }) => part === 'trousers');
  const length = hasLegs ? undefined : frontLength([...shown, ...skirt], hung?.length);
  const ofDetails = draft.details.flatMap((detail) => ofDetail(all, detail));
  return [
    ...(length === undefined ? [] : [{ of: 'length', mm: length } as const]),
    ...(hem > 0 ? [{ of: 'hem-round', mm: hem } as const] : []),
    ...(hem === 0 && waist > 0 ? [{ of: 'lower-round', mm: waist } as const] : []),
    ...asOne(asOne(ofDetails, 'zip'), 'trim'),
  ];
}
