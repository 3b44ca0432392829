import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { boxOf, mirrorRing, openHalf, type Ring } from '@ample-bolt/core/geometry/ring';
import { ringText } from '../../canvas/path-text.ts';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { useSize } from '../../ui/use-size.ts';

interface HalfGarment {
  readonly words: string;
  /** Its outer pieces as they hang: the bodice, and a skirt from the bodice's waist where there is one. */
  readonly rings: readonly Ring[];
}

/** Whether a half-piece lies on the fold, so that it opens into one. */
const touchesFold = (ring: Ring): boolean => ring.some(({ x }) => Math.abs(x) < 0.01);

/** A centre and a side panel, the side laid against the seam where it passes the bust line. */
function joinedPanels(centre: DraftedPiece | undefined, side: DraftedPiece | undefined): Ring[] {
  if (!centre || !side) return [];
  const bustOf = ({ piece }: DraftedPiece) => piece.levels.find(({ name }) => name === 'bust')?.path ?? [];
  const by = (bustOf(centre).at(-1)?.x ?? 0) - (bustOf(side)[0]?.x ?? 0);
  return [centre.stitch, side.stitch.map(({ x, y }) => ({ x: x + by, y }))];
}

function halvesOf({ pieces }: Draft): HalfGarment[] {
  const find = (id: string) => pieces.find(({ piece }) => piece.id === id);
  const waistOf = (id: string) =>
    find(id)?.piece.levels.find(({ name }) => name === 'waist')?.path[0]?.y ?? 0;
  return (['front', 'back'] as const).map((which) => {
    const waist = waistOf(`bodice-${which}`);
    const bodice = find(`bodice-${which}`)?.stitch;
    const skirt = find(`skirt-${which}`)?.stitch.map(({ x, y }) => ({ x, y: y + waist }));
    const panels = joinedPanels(find(`bodice-${which}-centre`), find(`bodice-${which}-side`));
    return { words: which, rings: [bodice, skirt, ...panels].filter((ring) => ring !== undefined) };
  });
}

const fixed = { vectorEffect: 'non-scaling-stroke' as const, strokeWidth: 2, fillOpacity: 0.08 };

/** The garment's own pieces, stitch to stitch, front and back as they will hang. */
export function GarmentDrawing({ draft, cloth }: { readonly draft: Draft; readonly cloth: string }) {
  const [holder, size] = useSize<HTMLDivElement>();
  const { colour } = chalkFor(cloth);
  const halves = halvesOf(draft);
  const half = { width: size.width / 2, height: size.height };
  const rings = halves.map((half) =>
    half.rings.flatMap((ring) =>
      half.words === 'front' && touchesFold(ring) ? [openHalf(ring)] : [ring, mirrorRing(ring)],
    ),
  );
  // Both to one scale, so that front and back compare.
  const view = fitView(boxOf(rings.flat(2)), half, 20);
  return (
    <div ref={holder} className="min-h-0 overflow-hidden rounded-soft" style={{ background: cloth }}>
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label="The garment drawn from its pieces, front and back"
        >
          {halves.map(({ words }, index) => (
            <g key={words} transform={`translate(${index * half.width} 0)`}>
              <g transform={viewTransform(view)} fill={colour} stroke={colour} strokeLinejoin="round">
                {rings[index]?.map((ring, part) => (
                  <path key={part} d={ringText(ring)} {...fixed} />
                ))}
              </g>
              <text x={half.width / 2} y={size.height - 14} textAnchor="middle" fill={colour} fontSize="13">
                {words}
              </text>
            </g>
          ))}
        </svg>
      )}
    </div>
  );
}
