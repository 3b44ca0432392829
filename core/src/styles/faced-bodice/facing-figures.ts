import { DOWN } from '../../geometry/point.ts';
import type { Figure } from '../../drafting/draft.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { edgeLength, edgeOf, edgesWithRole, type EdgeRole } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { byRule, drawn } from '../../workings/working.ts';
import { insideFigure, runFigure } from '../figure-parts.ts';

const words: { readonly [role in EdgeRole]?: string } = {
  neck: 'Neck edge',
  armhole: 'Armhole edge',
  shoulder: 'Shoulder seam',
  side: 'Side seam',
  inner: 'Edge to the lining',
};

const runLength = (piece: DraftedPiece, role: EdgeRole): number =>
  edgesWithRole(piece.piece, role).reduce((sum, edge) => sum + edgeLength(edge), 0);

/** A facing is chalked along its bodice piece; what remains to be measured is its depth and where it joins the lining. */
export function facingFigures(rules: RuleSet, piece: DraftedPiece): Figure[] {
  const inner = edgeOf(piece.piece, 'inner').path;
  const [side, centre] = [startOf(inner), endOf(inner)];
  const neck = startOf(edgeOf(piece.piece, 'neck').path);
  const lengths = (Object.keys(words) as EdgeRole[]).map((role) =>
    runFigure(piece, role, `${role}-edge`, words[role] ?? ''),
  );
  const from = `along the ${piece.piece.role === 'stay' ? 'facing' : 'bodice'}`;
  return [
    insideFigure(
      piece,
      'length',
      'depth-centre',
      'Deep at the centre, stitch to stitch',
      centre.y - neck.y,
      byRule('facing.depth', rules['facing.depth']),
      from,
    ),
    insideFigure(
      piece,
      'length',
      'depth-side',
      'Deep at the side, stitch to stitch',
      runLength(piece, 'side'),
      byRule('facing.side', rules['facing.side']),
      'kept above the bust dart',
    ),
    insideFigure(
      piece,
      'down',
      'inner-centre',
      'Inner edge, down at the centre',
      centre.y,
      drawn('as drawn', centre.y),
      from,
      {
        at: centre,
        way: DOWN,
      },
    ),
    insideFigure(
      piece,
      'down',
      'inner-side',
      'Inner edge, down at the side',
      side.y,
      drawn('as drawn', side.y),
      from,
      {
        at: side,
        way: DOWN,
      },
    ),
    ...lengths,
  ];
}
