import { carryDimensions, declared, workingOf } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import type { LevelName } from '../../../pieces/level.ts';
import { roleLength, type EdgeRole, type Piece } from '../../../pieces/piece.ts';
import type { Change } from '../../../workings/change.ts';
import {
  divided,
  drawn,
  drawnTerm,
  edgeOfPiece,
  minus,
  named,
  plus,
  sum,
  times,
  type Term,
  type Working,
} from '../../../workings/working.ts';

/** The sums of the panel that a princess seam splits. */
export interface PrincessSums {
  /** Out to the tip that the seam runs through. */
  readonly tipOut: Working;
  /** The finished half-widths that the whole panel must give, at the levels where one is wanted. */
  readonly half: { readonly [level in LevelName]?: Working };
  /** Down to the level under the bust, where the seam is shaped there. */
  readonly underBustDown?: Working;
}

/** A panel, and what a princess seam made of it. */
export interface PrincessParts {
  readonly panel: Piece;
  /** The edge that the seam leaves from, and at what part of it. */
  readonly leaving: EdgeRole;
  readonly part: number;
  readonly centre: Piece;
  readonly side: Piece;
  readonly sums: PrincessSums;
  /** Distance that the centre panel's edge is carried in under the bust, mm. */
  readonly aside: number;
  /** Place of the level under the bust on the dart, as a part of it. */
  readonly takesUnder: number;
  /** Taken out of a top edge above the bust, mm. */
  readonly overBust: number;
}

const levelWords: { readonly [level in LevelName]?: string } = {
  bust: 'Bust',
  underBust: 'Under the bust',
  waist: 'Waist',
};

/** The intake at the waist of the dart whose place the seam takes. */
const dartIntake = ({ panel }: PrincessParts): Working => workingOf(panel, 'waist-dart-1-intake') ?? sum();

/** From the centre to the seam: out to the tip, less what the centre panel's edge gives of the dart there. */
function toSeam(parts: PrincessParts, level: LevelName): Working {
  const half = divided(named('dart in the seam', dartIntake(parts)), 2);
  const less: Term[] =
    level === 'waist'
      ? [minus(half)]
      : level === 'underBust'
        ? [minus(times(half, parts.takesUnder)), drawnTerm('contour under the bust', -parts.aside)]
        : [];
  return sum(plus(parts.sums.tipOut), ...less);
}

const changeAt = (level: LevelName): Change => (level === 'bust' ? 'rounded' : 'curve');

const levelsOf = (piece: Piece): LevelName[] =>
  piece.levels.map(({ name }) => name).filter((name) => levelWords[name] !== undefined);

const centreWidth = (parts: PrincessParts, level: LevelName): Dimension =>
  declared(
    parts.centre,
    {
      name: level,
      label: `${levelWords[level] ?? level}, across to the seam`,
      kind: 'out',
      at: { kind: 'width', level },
      working: toSeam(parts, level),
      adds: 'princess',
    },
    changeAt(level),
  );

const seam = (working: Working): Dimension => ({
  name: 'princess-seam',
  label: 'Princess seam',
  kind: 'length',
  at: { kind: 'run', of: 'princess' },
  working,
});

const underBustLine = ({ centre, sums }: PrincessParts): Dimension[] =>
  sums.underBustDown && centre.levels.some(({ name }) => name === 'underBust')
    ? [
        declared(
          centre,
          {
            name: 'under-bust-line',
            label: 'Under the bust, down',
            kind: 'down',
            at: { kind: 'level', level: 'underBust', end: 'centre' },
            working: sums.underBustDown,
            follows: true,
          },
          'curve',
        ),
      ]
    : [];

/** A part of the edge that the seam leaves; a top edge is as long as it is drawn. */
const partOf = (run: Working, role: EdgeRole, part: number, mm: number): Working =>
  role === 'top' ? drawn('as drawn', mm) : times(run, part);

/** The dimensions of the centre panel: those of the whole one that do not end at its side or its dart, its widths and its seam. */
export function centreDimensions(parts: PrincessParts): readonly Dimension[] {
  const { panel, centre, leaving, part } = parts;
  const isPast = ({ at }: Dimension): boolean =>
    at.kind === 'inside' ||
    at.kind === 'width' ||
    (at.kind === 'level' && at.end === 'side') ||
    (at.kind === 'corner' && at.end === 'end' && at.of === leaving) ||
    (at.kind === 'corner' && at.end === 'end' && at.of === 'top') ||
    (leaving === 'neck' && at.kind === 'corner' && at.of === 'shoulder');
  const carried = carryDimensions(panel, centre, (dimension) => {
    const { at } = dimension;
    if (isPast(dimension)) return undefined;
    if (at.kind === 'run' && at.of === leaving)
      return { becomes: (run) => partOf(run, leaving, part, roleLength(centre, leaving)), change: 'curve' };
    return { change: 'curve' };
  });
  return [
    ...(carried.dimensions ?? []),
    ...underBustLine(parts),
    ...levelsOf(centre).map((level) => centreWidth(parts, level)),
    seam(drawn('as drawn', roleLength(centre, 'princess'))),
  ];
}

/** The half-width at a level less what the centre panel gives of it. */
function sideWidth(parts: PrincessParts, level: LevelName): Dimension {
  const { sums, side } = parts;
  const half = sums.half[level];
  const centre = centreWidth(parts, level).working;
  return declared(
    side,
    {
      name: level,
      label: `${levelWords[level] ?? level}, seam to side`,
      kind: 'out',
      at: { kind: 'width', level },
      working: half ? sum(plus(half), minus(named('centre panel', centre))) : drawn('as drawn', 0),
      adds: 'side',
    },
    half && level === 'underBust' ? 'givenBack' : changeAt(level),
  );
}

/** The dimensions of the side panel: those of the whole one that end at its side, its widths and its seam. */
export function sideDimensions(parts: PrincessParts): readonly Dimension[] {
  const { panel, centre, side, leaving, part } = parts;
  const carried = carryDimensions(panel, side, ({ at, kind }) => {
    if (at.kind === 'corner') {
      if (at.end === 'start') return undefined;
      if (kind === 'down') return { change: 'turned' };
      return { terms: [minus(named('centre panel', parts.sums.tipOut))], change: 'turned' };
    }
    if (at.kind !== 'run') return undefined;
    if (at.of !== leaving) return at.of === 'side' ? { change: 'curve' } : undefined;
    const { overBust } = parts;
    const mm = roleLength(side, leaving) + overBust;
    return {
      becomes: (run) => partOf(run, leaving, 1 - part, mm),
      terms: [minus(drawn('contour over the bust', overBust))],
      change: 'curve',
    };
  });
  return [
    ...(carried.dimensions ?? []),
    ...levelsOf(side).map((level) => sideWidth(parts, level)),
    seam(edgeOfPiece(centre.name, 'princess seam', roleLength(side, 'princess'))),
  ];
}
