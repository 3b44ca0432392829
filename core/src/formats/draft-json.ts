import { findingKey } from '../shop/sign-off.ts';
import type { Finding } from '../findings/finding.ts';
import type { Draft } from '../drafting/draft.ts';
import { curveLength, endOf, placeAtLength, sampleCurve, startOf } from '../geometry/curve.ts';
import { distance, type Point } from '../geometry/point.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { edgeLength, edgeOf, levelDown, OUTLINE_TOLERANCE } from '../pieces/piece.ts';
import { plainLengths } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';
import { renderWorking } from '../workings/render-working.ts';
import { edgesOn } from '../pieces/seam.ts';

/** A ten-thousandth of a millimetre: beyond any use, and it keeps files readable. */
export const tidy = (mm: number): number => Math.round(mm * 10_000) / 10_000 + 0;
export const pairOf = ({ x, y }: Point): [number, number] => [tidy(x), tidy(y)];

export const findingJson = (finding: Finding, unit: Unit) => {
  const { message, remedy } = findingWords(finding, unit);
  return {
    code: finding.code,
    /** The key that a file signs it off by. */
    key: findingKey(finding),
    severity: finding.severity,
    message: plainLengths(message),
    where: finding.where,
    found: finding.found === undefined ? null : tidy(finding.found),
    expected: finding.expected === undefined ? null : tidy(finding.expected),
    remedy: plainLengths(remedy),
    change: finding.remedy ?? null,
    orElse: finding.orElse ?? null,
  };
};

function pieceJson({ piece, stitch, outline }: DraftedPiece) {
  return {
    id: piece.id,
    name: piece.name,
    role: piece.role,
    cut: piece.cut,
    grain: pairOf(piece.grain),
    stitch: stitch.map(pairOf),
    outline: outline.map(pairOf),
    edges: piece.edges.map((edge) => ({
      id: edge.id,
      role: edge.role,
      length: tidy(edgeLength(edge)),
      allowance: tidy(edge.allowance),
      points: sampleCurve(edge.path, OUTLINE_TOLERANCE).map(pairOf),
    })),
    notches: piece.notches.map((notch) => ({
      edge: notch.edge,
      at: tidy(notch.at),
      kind: notch.kind,
      point: pairOf(placeAtLength(edgeOf(piece, notch.edge).path, notch.at).point),
    })),
    darts: piece.darts.map((dart) => {
      const [first, second] = [edgeOf(piece, dart.legs[0]).path, edgeOf(piece, dart.legs[1]).path];
      const mouth = [startOf(first), endOf(second)] as const;
      return {
        id: dart.id,
        legs: dart.legs,
        mouth: mouth.map(pairOf),
        tip: pairOf(endOf(first)),
        intake: tidy(distance(...mouth)),
        pressed: dart.pressed,
      };
    }),
    levels: piece.levels.map((level) => ({
      id: level.name,
      y: tidy(levelDown(level)),
      points: level.path.map(pairOf),
    })),
    contours: (piece.contours ?? []).map(({ id, top, outer, inner, bottom }) => ({
      id,
      points: [top, outer, bottom, inner].map(pairOf),
    })),
    lines: (piece.lines ?? []).map(({ id, label, path }) => ({
      id,
      label,
      length: tidy(curveLength(path)),
      points: sampleCurve(path, OUTLINE_TOLERANCE).map(pairOf),
    })),
    buttons: (piece.buttons ?? []).map(pairOf),
  };
}

/** The draft as `bolt draft --json` and the HTTP API give it. */
export const draftJson = (draft: Draft, unit: Unit) => ({
  pieces: draft.pieces.map(pieceJson),
  ...checkJson(draft, unit),
  figures: draft.figures.map(({ id, label, kind, mm, cut, stitch, computed, working, by, why }) => ({
    id,
    label,
    kind,
    mm: tidy(mm),
    cut: tidy(cut),
    stitch: tidy(stitch),
    working: renderWorking(working, unit),
    by,
    ...(by === 'hand' ? { computed: tidy(computed), why: why ?? '' } : {}),
  })),
});

/** Seams, rounds and findings alone, as `bolt check --json` gives them. */
export const checkJson = (draft: Draft, unit: Unit) => ({
  seams: draft.seams.map(({ a, b, intervals, ...seam }) => ({
    ...seam,
    a: edgesOn(a),
    b: edgesOn(b),
    runs: { a, b },
    intervals: intervals.map((each) => ({
      lengthA: tidy(each.lengthA),
      lengthB: tidy(each.lengthB),
      difference: tidy(each.difference),
    })),
    lengthA: tidy(seam.lengthA),
    lengthB: tidy(seam.lengthB),
    difference: tidy(seam.difference),
  })),
  rounds: draft.rounds.map(({ level, face, body, finished, ease, wantedEase }) => ({
    level,
    ...(face && { face }),
    body: tidy(body),
    finished: tidy(finished),
    ease: tidy(ease),
    wantedEase: tidy(wantedEase),
  })),
  coverage: draft.coverage.map(({ piece, edge, aboveBust }) => ({ piece, edge, aboveBust: tidy(aboveBust) })),
  findings: draft.findings.map((finding) => findingJson(finding, unit)),
});
