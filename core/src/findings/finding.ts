import type { MeasureId } from '../measures/catalogue.ts';
import type { Slip } from '../measures/slip.ts';
import type { LevelName } from '../pieces/level.ts';
import type { ClothRole, EdgeRole, Face } from '../pieces/piece.ts';
import type { RuleId } from '../rules/catalogue.ts';
import type { FigureSlip } from './figure-slip.ts';
import type { Remedy } from './remedy.ts';
import { findingSeverities, type FindingCode, type Severity } from './severity.ts';

/** Place of a finding. */
export interface FindingPlace {
  readonly piece?: string;
  readonly edge?: string;
  readonly measure?: MeasureId;
  readonly choice?: string;
  /** A figure that was set by hand. */
  readonly figure?: string;
  /** A seam, dart, level, cloth or sum, where the finding is about one. */
  readonly subject?: string;
}

/** Fields of a finding of any code. Lengths in mm. */
interface AnyFinding {
  readonly severity: Severity;
  readonly where: FindingPlace;
  readonly found?: number;
  readonly expected?: number;
  readonly remedy?: Remedy;
  /** Another way to clear it, where there are two that a tailor would take. */
  readonly orElse?: Remedy;
}

/** A finding that names these of its places. */
interface About<Places extends keyof FindingPlace> {
  readonly where: FindingPlace & Required<Pick<FindingPlace, Places>>;
}
interface Of<Subject extends string> {
  readonly where: FindingPlace & { readonly subject: Subject };
}
interface Found {
  readonly found: number;
}
interface Compared extends Found {
  readonly expected: number;
}

/** Things other than a measure that a measure is held against. */
export type Against = 'chest-and-back' | 'quarter-of-height' | 'outseam-less-inseam' | 'worked-out';

/** Payload of each kind of finding, by its code. */
interface FindingKinds {
  readonly 'measure-derived': About<'measure'> & Found;
  readonly 'measure-out-of-range': About<'measure'> & Compared;
  readonly 'measures-disagree': About<'measure'> & Of<MeasureId | Against> & Compared;
  readonly 'measures-impossible': About<'measure'> & Of<MeasureId> & Compared;
  readonly 'measure-changed': About<'measure'> & Compared;
  readonly 'measure-slip': About<'measure'> & Of<Slip> & Compared;
  readonly 'shoulder-length-differs': About<'measure'> & Compared;
  readonly 'neck-narrower-than-base': About<'choice'> & Compared;
  readonly 'neck-wider-than-shoulder': About<'choice'> & Compared;
  readonly 'neck-deep': About<'choice'> & Compared;
  readonly 'armhole-off-measure': About<'measure'> & Compared;
  readonly 'side-off-measure': About<'measure'> & Compared;
  readonly 'underarm-wider-than-body': About<'measure'> & Compared;
  readonly 'front-shorter-than-back': About<'measure'> & Compared;
  readonly 'front-rides-up': About<'choice'> & Compared;
  readonly 'bust-dart-unsolved': About<'piece' | 'measure'> & Compared;
  readonly 'dart-past-side': About<'piece' | 'measure'> & Of<string> & Compared;
  readonly 'bust-dart-large': About<'measure'> & Compared;
  readonly 'armhole-not-tightened': Found;
  readonly 'waist-unsolved': About<'piece' | 'measure'> & Compared;
  readonly 'waist-dart-large': About<'piece'> & Compared;
  readonly 'under-bust-off': About<'choice' | 'measure'> & Compared;
  readonly 'under-bust-not-shaped': About<'measure'>;
  readonly 'dart-left-out': About<'piece'> & Of<'bust dart' | 'waist dart'> & Found;
  readonly 'edge-covers-little': About<'piece' | 'choice'> & Compared;
  readonly 'edge-wider-than-body': About<'choice'> & Compared;
  readonly 'edge-looser-than-asked': About<'choice'> & Compared;
  readonly 'edge-pull-unheld': About<'choice'> & Compared;
  readonly 'elastic-length': About<'choice'> & Found;
  readonly 'top-too-low': About<'piece' | 'choice'> & Compared;
  readonly 'hem-above-tip': About<'choice'> & Compared;
  readonly 'back-open-below-hem': About<'choice'> & Compared;
  readonly 'arm-share-small': About<'piece' | 'measure'> & Compared;
  readonly 'band-narrowed': About<'piece' | 'choice'> & Compared;
  readonly 'chalk-hardly-shows': Of<ClothRole> & { readonly contrast: number; readonly chalk: string };
  readonly 'allowance-unusual': Of<RuleId> & Compared & { readonly least: number; readonly most: number };
  readonly 'figure-slip': About<'piece' | 'figure'> &
    Compared & { readonly slip: FigureSlip; readonly of: string };
  readonly 'pair-changed-alone': About<'piece' | 'figure'> & Of<string> & Compared;
  readonly 'hem-not-level': About<'piece' | 'figure'> & Found;
  readonly 'correction-left-out': About<'figure'> & Found & { readonly from: string };
  readonly 'band-too-deep': About<'piece' | 'choice'> & Compared;
  readonly 'length-above-hip': About<'choice'> & Compared;
  readonly 'hem-needs-hip': About<'measure' | 'choice'>;
  readonly 'hem-below-stride': About<'choice'> & Compared;
  readonly 'facing-meets-dart': About<'piece' | 'choice'>;
  readonly 'zip-too-short': Compared;
  readonly 'opening-too-small': About<'measure'> &
    Of<'armhole' | 'neck' | 'sleeve end' | 'trouser leg'> &
    Compared;
  readonly 'sleeve-wider': About<'piece' | 'choice'> & Compared;
  readonly 'sleeve-too-narrow': About<'piece' | 'choice'> & Compared;
  readonly 'sleeve-above-underarm': About<'piece' | 'choice'> & Compared;
  readonly 'flounces-apart': About<'choice'> & Compared;
  readonly 'leg-above-crotch': About<'piece' | 'choice'> & Compared;
  readonly 'no-room-to-sit': About<'choice'> & Compared;
  readonly 'skirt-tight-at-hip': About<'piece' | 'choice' | 'measure'> & Compared;
  readonly 'part-without-join': About<'choice'> & Of<'neck' | 'armhole' | 'waist'>;
  readonly 'part-needs-measures': About<'choice' | 'measure'> & {
    readonly part: string;
    readonly needs: readonly MeasureId[];
  };
  readonly 'figure-unreachable': About<'piece' | 'figure'> & Compared;
  readonly 'figure-not-a-point': About<'piece' | 'figure'> & Compared;
  readonly 'figure-unknown': About<'figure'>;
  readonly 'outline-crosses-itself': About<'piece' | 'measure'>;
  readonly 'seam-differs': About<'piece' | 'edge' | 'measure'> &
    Of<string> &
    Compared & { readonly stretch: number; readonly stretches: number };
  readonly 'round-differs': About<'measure'> & Of<LevelName> & Compared & { readonly face?: Face };
  readonly 'habit-misses': Of<string> & Compared;
  readonly 'schools-differ': Of<string> & Compared;
  readonly 'cut-later': Found & { readonly roles: readonly EdgeRole[] };
  readonly 'seam-too-narrow': Of<'side'> & Compared;
  readonly 'child-neck-cord': object;
  readonly 'not-for-children': object;
  readonly 'child-burns-fast': object;
  readonly 'child-small-parts': object;
  readonly 'cloth-missing': Of<ClothRole>;
  readonly 'cloth-too-narrow': Of<ClothRole> & Compared;
  readonly 'cloth-too-short': Of<ClothRole> & Compared;
  readonly 'nap-forbids-fold': Of<ClothRole>;
  readonly 'fold-cuts-too-many': Of<ClothRole>;
  readonly 'flaw-forbids-fold': Of<ClothRole>;
  readonly 'panel-not-kept': Of<ClothRole>;
  readonly 'places-forbid-refolding': Of<ClothRole>;
  readonly 'fold-off-figure': Of<ClothRole>;
  readonly 'nothing-to-refold': Of<ClothRole>;
  readonly 'piece-without-section': About<'piece'> & Of<ClothRole>;
  readonly 'section-without-piece': Of<ClothRole>;
  readonly 'pinned-above-unlaid': Of<ClothRole>;
  readonly 'pinned-above-refolded': Of<ClothRole>;
  readonly 'pinned-otherwise-folded': Of<ClothRole>;
  readonly 'pinned-too-wide': Of<ClothRole>;
  readonly 'beneath-too-narrow': Of<ClothRole>;
  /** Cut in equal parts, joined at these angles from centre front on either side, degrees. */
  readonly 'flare-in-parts': About<'piece'> & { readonly parts: number; readonly joins: readonly number[] };
}

/** A finding of one kind. */
export type FindingOf<Code extends FindingCode> = AnyFinding & { readonly code: Code } & FindingKinds[Code];

/** A result of a check: its code and payload, its place, and the change that would clear it. Wording lives in `words/`. */
export type Finding = { readonly [Code in FindingCode]: FindingOf<Code> }[FindingCode];

type Detail<Code extends FindingCode> = Omit<FindingOf<Code>, 'code' | 'severity' | 'where'>;

export const finding = <Code extends FindingCode>(
  code: Code,
  where: FindingOf<Code>['where'],
  ...[detail]: object extends Detail<Code> ? [detail?: Detail<Code>] : [detail: Detail<Code>]
): FindingOf<Code> =>
  ({ code, severity: findingSeverities[code], where, ...detail }) as unknown as FindingOf<Code>;
