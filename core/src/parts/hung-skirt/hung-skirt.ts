import { finding, type Finding } from '../../findings/finding.ts';
import { joinEdges } from '../../garment/join.ts';
import type { PartInput } from '../../garment/part.ts';
import type { Curve } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { makePiece, type Cut, type Edge, type Notch, type Piece } from '../../pieces/piece.ts';
import { whole, type Seam, type SeamRelation } from '../../pieces/seam.ts';
import { plus, sum, times, type Working } from '../../workings/working.ts';

/** A panel of a skirt that hangs by itself, by what of the waist it is sewn to. */
export interface HungPanel {
  readonly id: string;
  readonly name: string;
  readonly face?: 'front' | 'back';
  readonly panel?: 'side';
  readonly cut: Cut;
  /** The edge along the grain, where the panel begins at its centre. */
  readonly centre?: Pick<Edge, 'id' | 'role' | 'allowance'>;
  readonly waist: Working;
  /** Notches of the centre. */
  readonly notches: readonly Notch[];
  /** The side of the garment on a side panel, mm along its share of the waist from the back. */
  readonly sideAt?: number;
}

/** The outline of a panel in the order of its loop: its upper edge from the centre, or its back, to the side, down that, along the lower edge, and up again. */
export interface HungOutline {
  readonly upper: Curve;
  readonly side: Curve;
  readonly lower: Curve;
  readonly first: Curve;
}

/** The outline of a straight panel, mm. */
export function straightOutline(width: number, depth: number): HungOutline {
  const [a, b, c, d] = [point(0, 0), point(width, 0), point(width, depth), point(0, depth)];
  return { upper: [line(a, b)], side: [line(b, c)], lower: [line(c, d)], first: [line(d, a)] };
}

/** A panel as it is drawn. */
export interface HungDrawing {
  readonly outline: HungOutline;
  /** Of what its waist is gathered to, it is so many times as long. */
  readonly gathered: number;
  /** Its lower edge: a hem, or the seam to what hangs from it. */
  readonly lower: Omit<Edge, 'path'>;
  readonly dimensions: readonly Dimension[];
}

/** A hem of an allowance, mm. */
export const hungHem = (allowance: number): HungDrawing['lower'] => ({ id: 'hem', role: 'hem', allowance });

/** A panel as a piece. */
export function hungPiece(
  panel: HungPanel,
  { outline, gathered, lower, dimensions }: HungDrawing,
  allowances: Allowances,
): Piece {
  const { centre, sideAt } = panel;
  const down = (id: string, path: Curve): Edge => ({ id, role: 'side', path, allowance: allowances.side });
  return makePiece({
    id: panel.id,
    name: panel.name,
    role: 'outer',
    part: 'skirt',
    ...(panel.face && { face: panel.face }),
    ...(panel.panel && { panel: panel.panel }),
    cut: panel.cut,
    grain: point(0, 1),
    edges: [
      { id: 'waist', role: 'waist', path: outline.upper, allowance: allowances.waist },
      down(centre ? 'side' : 'side-front', outline.side),
      { ...lower, path: outline.lower },
      centre ? { ...centre, path: outline.first } : down('side-back', outline.first),
    ],
    notches: [
      ...panel.notches,
      ...(sideAt === undefined
        ? []
        : [{ edge: 'waist', at: gathered * sideAt, kind: 'single', marks: 'side seam' } as const]),
    ],
    darts: [],
    levels: [],
    intakes: [],
    dimensions,
  });
}

/** Seams at the sides alone, or beside front and back. */
export type HungParts = 2 | 4;

/** Depth of the hip below the seam that a skirt hangs from, by the house's rule where it was not measured; mm. */
const hipDepth = ({ body, rules, hangsAbove }: Pick<PartInput, 'body' | 'rules' | 'hangsAbove'>): number =>
  hangsAbove + (body.taken('waistToHip') ?? rules['skirt.hipDepth']);

/** How far down from that seam a zip runs on: the hip's depth less what the house stops above it, mm. */
const zipDown = (input: PartInput): number => hipDepth(input) - input.rules['zip.aboveHip'];

const isOnFold = ({ carriers }: PartInput): boolean =>
  carriers
    .filter(({ face }) => face === 'back')
    .some(({ edges }) => edges.some(({ role }) => role === 'fold'));

/** Whether a skirt opens at its side, below a zip in the side above. */
const opensAtSide = (input: PartInput): boolean => isOnFold(input) && input.opens === 'side';

/** The length of the zip on a skirt so long, and where it lies if not behind; 0 where it does not open, mm. */
export const hungZip = (input: PartInput, length: number): number =>
  isOnFold(input) && !opensAtSide(input) ? 0 : Math.min(length, zipDown(input));
export const hungZipAt = (input: PartInput): { readonly zipAt?: 'side' } =>
  opensAtSide(input) ? { zipAt: 'side' } : {};

/** The end of the zip as a notch of the centre back, which runs up from the hem. */
function zipEndNotch(input: PartInput, length: number): Notch[] {
  const down = zipDown(input);
  return down > 0 && down < length ? [{ edge: 'centre-back', at: length - down, kind: 'single' }] : [];
}

/** The same on a side, which runs down from the waist. */
function sideZipNotch(input: PartInput, length: number): Notch[] {
  const down = zipDown(input);
  return opensAtSide(input) && down > 0 && down < length ? [{ edge: 'side', at: down, kind: 'single' }] : [];
}

/** Panels of a skirt so long, each with its share of the waist that it is sewn to. */
export function hungPanels(input: PartInput, length: number, parts: HungParts): readonly HungPanel[] {
  const { front, back } = input.join;
  const part = (of: Working): Working => (parts === 2 ? of : times(of, 0.5));
  const closed = isOnFold(input);
  const fold = (face: 'front' | 'back') => ({ id: `centre-${face}`, role: 'fold', allowance: 0 }) as const;
  const ends: HungPanel[] = [
    {
      id: 'skirt-front',
      name: 'Skirt front',
      face: 'front',
      cut: { copies: 1, layers: 'fold' },
      centre: fold('front'),
      waist: part(front.length),
      notches: parts === 2 ? sideZipNotch(input, length) : [],
    },
    {
      id: 'skirt-back',
      name: 'Skirt back',
      face: 'back',
      cut: closed ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
      centre: closed ? fold('back') : { id: 'centre-back', role: 'centre', allowance: input.allowances.zip },
      waist: part(back.length),
      notches: closed ? (parts === 2 ? sideZipNotch(input, length) : []) : zipEndNotch(input, length),
    },
  ];
  if (parts === 2) return ends;
  const side: HungPanel = {
    id: 'skirt-side',
    name: 'Skirt side',
    panel: 'side',
    cut: { copies: 2, layers: 'pair' },
    waist: sum(plus(part(front.length)), plus(part(back.length))),
    notches: [],
    sideAt: 0.5 * back.length.mm,
  };
  return [...ends, side];
}

/** The panels sewn to each other and, in this relation, to the waist. */
export function hungSeams({ join }: PartInput, parts: HungParts, toWaist: SeamRelation): Seam[] {
  const [front, back] = [joinEdges(join.front), joinEdges(join.back)];
  const waist = (id: string, panels: readonly string[], edges: readonly string[]): Seam => ({
    id,
    a: whole(panels.map((panel) => `${panel}/waist`)),
    b: whole(edges),
    relation: toWaist,
    governing: 'waist',
  });
  const down = (id: string, a: string, b: string): Seam => ({
    id,
    a: whole([a]),
    b: whole([b]),
    relation: { kind: 'equal' },
    governing: 'waistToHip',
  });
  if (parts === 2)
    return [
      waist('skirt to waist, front', ['skirt-front'], front),
      waist('skirt to waist, back', ['skirt-back'], back),
      down('skirt side', 'skirt-front/side', 'skirt-back/side'),
    ];
  return [
    waist('skirt to waist', ['skirt-front', 'skirt-side', 'skirt-back'], [...front, ...[...back].reverse()]),
    down('skirt seam, front', 'skirt-front/side', 'skirt-side/side-front'),
    down('skirt seam, back', 'skirt-back/side', 'skirt-side/side-back'),
  ];
}

/** A skirt may not pass the hip, where that was measured: `roundAt` is its round so far below the waist, and the option of `choice` makes it wider. */
export function hungHipFindings(
  input: PartInput,
  length: number,
  roundAt: (down: number) => number,
  remedy: { readonly choice: string; readonly option: string },
): Finding[] {
  const [hip, down] = [input.body.taken('hip'), hipDepth(input)];
  if (hip === undefined || length <= down) return [];
  const found = roundAt(down);
  if (found >= hip) return [];
  return [
    finding(
      'skirt-tight-at-hip',
      { piece: 'skirt-front', choice: remedy.choice, measure: 'hip' },
      { found, expected: hip, remedy: { kind: 'set-option', ...remedy } },
    ),
  ];
}
