import { ROUND_TOLERANCE, measureRound, type Named } from '../../checks/rounds.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import type { Girth } from '../../pieces/girth.ts';
import { inches } from '../../units/length.ts';
import type { BodiceStraplessChosen } from './choices.ts';

/** An edge that is cut tighter than the body by more needs bones, mm. Common practice. */
const HELD_BY_CUT = inches(0.5);

/** The checks of a strapless edge on the finished pieces: at most as wide as the body there, and tight enough to stay up. */
export const edgeChecks =
  (girths: readonly Girth[], { topHeld, topPull }: BodiceStraplessChosen) =>
  (named: Named): Finding[] => {
    const girth = girths.find(({ level }) => level === 'top');
    if (!girth) return [];
    const { finished, body, wantedEase } = measureRound(girth, named);
    const over = finished - body;
    switch (topHeld) {
      case 'elastic':
        return [finding('elastic-length', { choice: 'topPull' }, { found: body - topPull })];
      case 'contour':
      case 'boning':
        return [
          ...(over > ROUND_TOLERANCE
            ? [
                finding(
                  'edge-wider-than-body',
                  { choice: 'topHeld', measure: 'highBust' },
                  {
                    found: finished,
                    expected: body,
                    remedy: { kind: 'set-option', choice: 'topHeld', option: 'elastic' },
                  },
                ),
              ]
            : over > wantedEase + ROUND_TOLERANCE
              ? [
                  finding(
                    'edge-looser-than-asked',
                    { choice: 'topPull', measure: 'highBust' },
                    {
                      found: finished,
                      expected: body + wantedEase,
                      // A weaker pull leaves the edge somewhat looser again.
                      remedy: {
                        kind: 'set-choice',
                        choice: 'topPull',
                        mm: Math.max(0, -over - ROUND_TOLERANCE),
                      },
                    },
                  ),
                ]
              : []),
          ...(topHeld === 'contour' && topPull > HELD_BY_CUT
            ? [
                finding(
                  'edge-pull-unheld',
                  { choice: 'topHeld' },
                  {
                    found: topPull,
                    expected: HELD_BY_CUT,
                    remedy: { kind: 'set-option', choice: 'topHeld', option: 'boning' },
                  },
                ),
              ]
            : []),
        ];
    }
  };
