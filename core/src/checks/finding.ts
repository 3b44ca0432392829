import type { MeasureId } from '../measures/catalogue.ts';
import type { ClothRole } from '../pieces/piece.ts';
import type { RuleId, RuleValue } from '../rules/catalogue.ts';

/** `stop` holds the cut, `care` asks for a look, `note` says what was done. */
export type Severity = 'stop' | 'care' | 'note';

export interface FindingPlace {
  readonly piece?: string;
  readonly edge?: string;
  readonly measure?: MeasureId;
  readonly choice?: string;
  /** A figure that was set by hand. */
  readonly figure?: string;
  /** A seam, level or cloth role, where the finding is about one. */
  readonly subject?: string;
}

/** A change that would clear the finding, as data that a button can carry out. */
export type Remedy =
  | { readonly kind: 'measure-again'; readonly measure: MeasureId }
  | { readonly kind: 'set-measure'; readonly measure: MeasureId; readonly mm: number }
  /** Two measures that were written in each other's place. */
  | { readonly kind: 'swap-measures'; readonly measure: MeasureId; readonly with: MeasureId }
  | { readonly kind: 'set-choice'; readonly choice: string; readonly mm?: number }
  | { readonly kind: 'set-rule'; readonly rule: RuleId; readonly value: RuleValue }
  | { readonly kind: 'clear-figure'; readonly figure: string }
  | { readonly kind: 'set-figure'; readonly figure: string; readonly mm: number }
  | { readonly kind: 'add-cloth'; readonly role: ClothRole };

/** A remedy's length is typed to the step of the tape: a check that offers its own limit lets it lie this far past it, mm. */
export const TYPED_WITHIN = 1;

export const findingSeverities = {
  'measure-derived': 'note',
  'measure-out-of-range': 'care',
  'measures-disagree': 'care',
  'measure-changed': 'care',
  'measure-slip': 'care',
  'shoulder-length-differs': 'care',
  'neck-narrower-than-base': 'note',
  'neck-wider-than-shoulder': 'stop',
  'neck-deep': 'care',
  'armhole-off-measure': 'care',
  'front-shorter-than-back': 'care',
  'front-rides-up': 'care',
  'bust-dart-unsolved': 'stop',
  'dart-past-side': 'stop',
  'bust-dart-large': 'care',
  'armhole-not-tightened': 'care',
  'waist-unsolved': 'stop',
  'waist-dart-large': 'care',
  'under-bust-off': 'care',
  'under-bust-not-shaped': 'note',
  'dart-left-out': 'note',
  'edge-covers-little': 'care',
  'top-too-low': 'stop',
  'hem-above-tip': 'care',
  'back-open-below-hem': 'stop',
  'arm-share-small': 'stop',
  'band-too-deep': 'stop',
  'length-above-hip': 'stop',
  'hem-needs-hip': 'stop',
  'hem-below-stride': 'care',
  'facing-meets-dart': 'stop',
  'zip-too-short': 'care',
  'opening-too-small': 'stop',
  'figure-unreachable': 'stop',
  'figure-not-a-point': 'care',
  'figure-unknown': 'care',
  'outline-crosses-itself': 'stop',
  'seam-differs': 'stop',
  'round-differs': 'stop',
  'habit-misses': 'care',
  'schools-differ': 'note',
  'cut-later': 'note',
  'seam-too-narrow': 'care',
  'child-neck-cord': 'care',
  'cloth-missing': 'care',
  'cloth-too-narrow': 'stop',
  'cloth-too-short': 'stop',
  'nap-forbids-fold': 'stop',
  'fold-cuts-too-many': 'stop',
  'flaw-forbids-fold': 'stop',
  'panel-not-kept': 'stop',
  'places-forbid-refolding': 'stop',
  'fold-off-figure': 'stop',
  'nothing-to-refold': 'stop',
  'piece-without-section': 'stop',
  'section-without-piece': 'stop',
  'pinned-above-unlaid': 'stop',
  'pinned-above-refolded': 'stop',
  'pinned-otherwise-folded': 'stop',
  'pinned-too-wide': 'stop',
  'beneath-too-narrow': 'stop',
  'flare-in-parts': 'note',
} as const satisfies Record<string, Severity>;

export type FindingCode = keyof typeof findingSeverities;

/** What a check found; `found` and `expected` in mm. Wording lives in `words/`. */
export interface Finding {
  readonly code: FindingCode;
  readonly severity: Severity;
  readonly where: FindingPlace;
  readonly found?: number;
  readonly expected?: number;
  readonly remedy?: Remedy;
  /** Another way to clear it, where there are two that a tailor would take. */
  readonly orElse?: Remedy;
}

export const finding = (
  code: FindingCode,
  where: FindingPlace,
  detail: Omit<Finding, 'code' | 'severity' | 'where'> = {},
): Finding => ({
  code,
  severity: findingSeverities[code],
  where,
  ...detail,
});
