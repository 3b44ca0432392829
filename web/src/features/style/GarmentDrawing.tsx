import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { boxOf, mirrorRing, moveRing, openHalf, type Ring } from '@ample-bolt/core/geometry/ring';
import { ringText } from '../../canvas/path-text.ts';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { useSize } from '../../ui/use-size.ts';

interface HalfGarment {
  readonly words: string;
  readonly rings: readonly Ring[];
}

/** The pieces of front and back as they hang, each at its place: opened on their fold, or both of a pair. */
const halvesOf = ({ pieces, worn }: Draft): HalfGarment[] =>
  (['front', 'back'] as const).map((half) => ({
    words: half,
    rings: worn.flatMap((part) => {
      const found = pieces.find(({ piece }) => piece.id === part.piece);
      if (part.half !== half || !found) return [];
      const ring = moveRing(found.stitch, part.by.x, part.by.y);
      return found.piece.cut.layers === 'fold' ? [openHalf(ring)] : [ring, mirrorRing(ring)];
    }),
  }));

const fixed = { vectorEffect: 'non-scaling-stroke' as const, strokeWidth: 2, fillOpacity: 0.08 };

/** The garment's own pieces, stitch to stitch, front and back as they will hang. */
export function GarmentDrawing({ draft, cloth }: { readonly draft: Draft; readonly cloth: string }) {
  const [holder, size] = useSize<HTMLDivElement>();
  const { colour } = chalkFor(cloth);
  const halves = halvesOf(draft);
  const half = { width: size.width / 2, height: size.height };
  const rings = halves.map((each) => each.rings);
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
