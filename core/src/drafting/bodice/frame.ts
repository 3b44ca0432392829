import type { Finding } from '../../findings/finding.ts';
import { frameFindings } from './frame-findings.ts';
import { clamp } from '../../geometry/clamp.ts';
import { add, distance, point, scale, subtract, unitVector, type Point } from '../../geometry/point.ts';
import type { MeasuredFrom } from '../../measures/measure-set.ts';
import type { RuleId, RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import {
  atMost,
  byRule,
  changed,
  chosen,
  divided,
  minus,
  named,
  plus,
  sum,
  times,
  type Term,
  type Working,
} from '../../workings/working.ts';
import type { Body } from '../body.ts';
import { ADULT_HEIGHT, childSize } from './size-of.ts';
import type { NecklineShape } from './neckline.ts';

/** Choices of a bodice, mm. Depths are straight down from the start line. */
export interface BodiceChoices {
  /** The front's; the back is round. */
  readonly neckline: NecklineShape;
  /** Shaped by waist and bust darts; without them the side alone takes up what it can. */
  readonly darted: boolean;
  readonly neckWidth: number;
  readonly neckDepthFront: number;
  readonly neckDepthBack: number;
  readonly easeBust: number;
  readonly easeWaist: number;
  /** Ease at the underarm over the round above the bust, where the garment is held there; else it follows from the bust. */
  readonly easeChest?: number | undefined;
  /** The steepest slope of the side above the bust line: so much in for its height. */
  readonly steepestSide?: number;
  /** Depth of the armhole's end on the side, and the wedge that is taken out of it in front. */
  readonly armholeLower?: number;
  readonly armholeTight?: number;
  /** Given back to a round by the solver of a garment for what its seams take, mm of the whole round. */
  readonly given?: { readonly bust: number; readonly waist: number };
}

export interface FrontBack {
  readonly front: number;
  readonly back: number;
}

/** The sums that the points and levels of a bodice are drawn by. */
export interface FrameSums {
  readonly neckWidth: Working;
  readonly neckDepth: Readonly<Record<'front' | 'back', Working>>;
  readonly shoulder: Readonly<Record<'front' | 'back', Working>>;
  readonly drop: Readonly<Record<'front' | 'back', Working>>;
  readonly bustLine: Working;
  readonly bustOut: Working;
  readonly waist: Readonly<Record<'front' | 'back', Working>>;
  readonly bustWidth: Readonly<Record<'front' | 'back', Working>>;
  readonly chestWidth: Readonly<Record<'front' | 'back', Working>>;
  readonly waistWidth: Readonly<Record<'front' | 'back', Working>>;
  readonly share: Working;
}

/** Points and levels that a bodice is drawn on, before any curve. All in mm on the half-piece. */
export interface BodiceFrame {
  /** Body size against a height of 66 in; scales defaults that are given for an adult. */
  readonly scale: number;
  readonly neckPoint: Point;
  /** The bone of the shoulder in front; behind it lies further out by what the back's shoulder is eased in. */
  readonly tips: { readonly front: Point; readonly back: Point };
  /** Cloth that the back's shoulder seam has more than the front's, mm. */
  readonly backEase: number;
  /** Unit vector from the neck to the shoulder tip. */
  readonly shoulder: Point;
  readonly neckDepth: FrontBack;
  readonly neckline: { readonly front: NecklineShape; readonly back: NecklineShape };
  readonly darted: boolean;
  readonly bustPoint: Point;
  readonly waist: FrontBack;
  /** Wanted finished half-widths at bust and waist. */
  readonly bustWidth: FrontBack;
  readonly waistWidth: FrontBack;
  /** The same at the underarm: narrower where the body is, above a full bust. */
  readonly chestWidth: FrontBack;
  /** The same for a block whose armhole is sewn: where an edge is held to the body instead, the depth of the underarm still follows from that. */
  readonly armholeWidth: FrontBack;
  /** The side comes in above the bust line by no more than this part of its height. */
  readonly steepestSide: number;
  /** Part of the round at the bust that its seams take again, mm. */
  readonly givenBust: number;
  /** The front's share at the bust, taken over from the back. */
  readonly share: number;
  readonly sums: FrameSums;
}

/** The height at which the adult defaults hold, and how far they are scaled for smaller and taller bodies. */
export const bodyScale = (body: Body): number => clamp(body.mm('height') / ADULT_HEIGHT, 0.6, 1.15);

/** The same for a default that a child's garment has smaller, and an adult's as it is. */
export const usualSize = (body: Body): number => (body.kind === 'child' ? childSize(body.mm('height')) : 1);

/** The neck base lies within these parts of the shoulder, whatever the tape says. The team's drafting study. */
const NECK_BASE = { least: 0.12, most: 0.26 };
/** A child's round is measured under the arms, this part of the way from shoulder to waist. Common practice, no source. */
const CHILD_CHEST_LEVEL = 0.72;
/** An undarted front ends at least this far below the bust point, mm. */
const UNDARTED_LEAST = inches(2);
/** The steepest slope of a side above the bust, where nothing else is asked: a steeper one would hook at the armhole. */
const STEEPEST = 0.2;
/** A shoulder seam keeps at least this much cloth, mm. */
const SHOULDER_LEAST = 20;

type Shoulders = Body['observations']['shoulders'];

/** Rules of the shoulder's fall, by school and by the shoulders that the eye saw. */
const shoulderRules = {
  drop: { square: 'shoulder.dropSquare', middle: 'shoulder.drop', sloping: 'shoulder.dropSloping' },
  slope: { square: 'shoulder.slopeSquare', middle: 'shoulder.slope', sloping: 'shoulder.slopeSloping' },
} as const satisfies {
  readonly [school in RuleSet['school.shoulder']]: { readonly [of in Shoulders]: RuleId };
};

/** A default for adults, brought to this body's size. */
const scaled = (working: Working, size: number): Working => (size === 1 ? working : times(working, size));

/** The drop of the shoulder's bone below the neck base. */
function dropSum(body: Body, rules: RuleSet, size: number): Working {
  const { shoulders } = body.observations;
  switch (rules['school.shoulder']) {
    case 'drop': {
      const rule = shoulderRules.drop[shoulders];
      return scaled(byRule(rule, rules[rule]), size);
    }
    case 'slope': {
      const base = chosen('neck base, across', neckBase(body, rules, size));
      const across = sum(plus(named('shoulder, across', divided(body.term('shoulder'), 2))), minus(base));
      return times(named('across the shoulder', across), rules[shoulderRules.slope[shoulders]]);
    }
  }
}

function neckBase(body: Body, rules: RuleSet, size: number): number {
  const neck = body.taken('neck');
  const wanted =
    neck === undefined ? rules['neck.baseWidth'] * Math.min(1, size) : neck * rules['neck.baseShare'];
  return clamp(wanted, NECK_BASE.least * body.mm('shoulder'), NECK_BASE.most * body.mm('shoulder'));
}

/** The shoulder line of the half body: from the neck base on the start line to the bone, which lies lower. */
export interface ShoulderLine {
  readonly base: Point;
  readonly tip: Point;
}

export function shoulderLine(body: Body, rules: RuleSet): ShoulderLine {
  const size = bodyScale(body);
  return {
    base: point(neckBase(body, rules, size), 0),
    tip: point(body.mm('shoulder') / 2, dropSum(body, rules, size).mm),
  };
}

/** The point at which lengths from the shoulder start: the neck base, or half-way to the bone. */
export const shoulderStart = ({ base, tip }: ShoulderLine, from: MeasuredFrom): Point =>
  from === 'neckSide' ? base : scale(add(base, tip), 0.5);

/** Sums of the shoulder's bone, in front and behind, where the seam along `shoulder` is longer by what is eased in. */
function shoulderSums(
  body: Body,
  rules: RuleSet,
  size: number,
  shoulder: Point,
): { readonly sums: Pick<FrameSums, 'shoulder' | 'drop'>; readonly backEase: Working } {
  const rule = byRule('shoulder.backEase', rules['shoulder.backEase']);
  const backEase = named('back shoulder eased', scaled(rule, size));
  const [across, drop] = [divided(body.term('shoulder'), 2), dropSum(body, rules, size)];
  const behind = (front: Working, part: number) =>
    backEase.mm === 0 ? front : sum(plus(front), plus(times(backEase, part)));
  return {
    sums: {
      shoulder: { front: across, back: behind(across, shoulder.x) },
      drop: { front: drop, back: behind(drop, shoulder.y) },
    },
    backEase,
  };
}

/**
 * Resolves over-determined measures in one place; whatever is overridden becomes a finding.
 * The bust level follows from the slanted shoulder-to-bust tape by Pythagoras.
 */
export function bodiceFrame(
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
): { frame: BodiceFrame; findings: Finding[] } {
  const size = bodyScale(body);
  const { base, tip } = shoulderLine(body, rules);
  const shoulder = unitVector(subtract(tip, base));
  const bone = shoulderSums(body, rules, size, shoulder);
  const longest = distance(base, tip) - SHOULDER_LEAST;
  const along = clamp((choices.neckWidth - base.x) / shoulder.x, 0, longest);
  const neckPoint = add(base, scale(shoulder, along));
  const bustLine = bustLineSum(body, rules, size, shoulderStart({ base, tip }, body.from));
  const bustPoint = point(body.mm('bustSpan') / 2, bustLine.mm);
  const { measuredFront, waist } = waistLines(body, choices, rules, size, bustLine);
  const share = frontShare(body, rules, size);
  const { given = { bust: 0, waist: 0 } } = choices;
  const bust = quarterSum(body.term('bust'), choices.easeBust, 'easeBust', given.bust);
  const waistQuarter = quarterSum(body.term('waist'), choices.easeWaist, 'easeWaist', given.waist);
  const sums: FrameSums = {
    neckWidth: changed(
      chosen('neck width', choices.neckWidth, 'neckWidth'),
      'kept',
      neckPoint.x - choices.neckWidth,
    ),
    neckDepth: neckDepthSums(choices),
    ...bone.sums,
    bustLine,
    bustOut: divided(body.term('bustSpan'), 2),
    waist,
    bustWidth: sharedOut(bust, share),
    chestWidth: sharedOut(chestQuarter(body, choices, rules), share),
    waistWidth: sharedOut(waistQuarter, divided(share, 2)),
    share,
  };
  const frame: BodiceFrame = {
    scale: size,
    neckPoint,
    tips: { front: tip, back: add(tip, scale(shoulder, bone.backEase.mm)) },
    backEase: bone.backEase.mm,
    shoulder,
    neckDepth: { front: choices.neckDepthFront, back: choices.neckDepthBack },
    neckline: { front: choices.neckline, back: 'round' },
    // A child's chest and waist are close, and no bust lies between them: the block sits by neck, chest and length.
    darted: choices.darted && body.kind === 'adult',
    bustPoint,
    waist: valuesOf(waist),
    bustWidth: valuesOf(sums.bustWidth),
    waistWidth: valuesOf(sums.waistWidth),
    chestWidth: valuesOf(sums.chestWidth),
    armholeWidth: valuesOf(sharedOut(chestQuarter(body, { ...choices, easeChest: undefined }, rules), share)),
    steepestSide: choices.steepestSide ?? STEEPEST,
    givenBust: given.bust,
    share: share.mm,
    sums,
  };
  const found = { frame, base, widest: base.x + longest * shoulder.x, measuredFront: measuredFront.mm };
  return { frame, findings: frameFindings(body, choices, found) };
}

/** Down to the waist in front, as the tape has it. */
const measuredWaist = (body: Body, bustLine: Working): Working =>
  sum(
    plus(named('bust line', bustLine)),
    plus(body.term('frontWaistLength')),
    minus(body.term('shoulderToBust')),
  );

/** The waist at the centre front, down from the start line, by the measures alone. */
export function frontWaistLine(body: Body, rules: RuleSet): Working {
  const start = shoulderStart(shoulderLine(body, rules), body.from);
  return measuredWaist(body, bustLineSum(body, rules, bodyScale(body), start));
}

/** Down to the waist in front, as the tape has it, and where the waist of both halves is drawn. */
function waistLines(body: Body, choices: BodiceChoices, rules: RuleSet, size: number, bustLine: Working) {
  const measuredFront =
    body.kind === 'child'
      ? sum(plus(body.term('frontWaistLength')), ...startTerms(body, rules, size))
      : measuredWaist(body, bustLine);
  const back = sum(plus(body.term('backWaistLength')), ...startTerms(body, rules, size));
  // Without a bust dart nothing takes up the longer front: it is cut to the back's length, and rides up over the bust.
  const front =
    choices.darted && body.kind === 'adult' ? measuredFront : undartedFront(measuredFront, back, bustLine);
  return { measuredFront, waist: { front, back } };
}

const valuesOf = ({ front, back }: FrameSums['bustWidth']): FrontBack => ({
  front: front.mm,
  back: back.mm,
});

/** The bust line's depth, by Pythagoras from the tape that slants from the shoulder to the bust point. */
function bustLineSum(body: Body, rules: RuleSet, size: number, start: Point): Working {
  if (body.kind === 'child')
    return times(
      sum(plus(body.term('backWaistLength')), ...startTerms(body, rules, size)),
      CHILD_CHEST_LEVEL,
    );
  const slant = body.mm('shoulderToBust');
  const out = start.x - body.mm('bustSpan') / 2;
  const straight = Math.sqrt(Math.max(slant ** 2 - out ** 2, (0.9 * slant) ** 2));
  const tape = sum(plus(body.term('shoulderToBust')), ...startTerms(body, rules, size));
  return changed(tape, 'slant', straight - slant);
}

const neckDepthSums = (choices: BodiceChoices): FrameSums['neckDepth'] => ({
  front: chosen('neck depth, front', choices.neckDepthFront, 'neckDepthFront'),
  back: chosen('neck depth, back', choices.neckDepthBack, 'neckDepthBack'),
});

/** (round + ease) ÷ 4: what one half-piece must give of a round, with what the solver gives back. */
export const quarterSum = (round: Working, ease: number, choice: string, given = 0): Working =>
  divided(changed(sum(plus(round), plus(chosen('ease', ease, choice))), 'givenBack', given), 4);

/** A quarter at the underarm: the bust's, less what the bust stands out more than usual over the round above it. */
function chestQuarter(body: Body, { easeBust, easeChest }: BodiceChoices, rules: RuleSet): Working {
  if (easeChest !== undefined) return quarterSum(body.term('highBust'), easeChest, 'topPull');
  const over = sum(plus(body.term('bust')), minus(body.term('highBust')));
  const more = sum(plus(over), minus(byRule('bust.overHighBust', rules['bust.overHighBust'])));
  const comesIn = divided(changed(more, 'kept', Math.max(0, -more.mm)), 4);
  return sum(
    plus(quarterSum(body.term('bust'), easeBust, 'easeBust')),
    minus(named('less above a full bust', comesIn)),
  );
}

/** Tapes that start half-way along the shoulder begin so much below the start line. */
function startTerms(body: Body, rules: RuleSet, size: number): Term[] {
  return body.from === 'neckSide'
    ? []
    : [plus(named('start of the tape', divided(dropSum(body, rules, size), 2)))];
}

/** A front without a bust dart ends where the back does, or clear below the bust point. */
function undartedFront(front: Working, back: Working, bustLine: Working): Working {
  const below = changed(bustLine, 'kept', UNDARTED_LEAST);
  return atMost(front, back.mm >= below.mm ? back : below);
}

/** The front's share, taken over from the back: part of a quarter of what the bust is rounder than the chest above it. */
function frontShare(body: Body, rules: RuleSet, size: number): Working {
  const rounder = divided(sum(plus(body.term('bust')), minus(body.term('highBust'))), 4);
  const part = times(rounder, rules['bust.frontShare']);
  const most = scaled(byRule('bust.frontShareMost', rules['bust.frontShareMost']), size);
  const least = changed(part, 'kept', Math.max(0, -part.mm));
  return atMost(least, most);
}

/** A quarter with the share added in front and taken off behind. */
const sharedOut = (quarter: Working, share: Working): FrameSums['bustWidth'] => {
  const term = named('front share', share);
  return { front: sum(plus(quarter), plus(term)), back: sum(plus(quarter), minus(term)) };
};
