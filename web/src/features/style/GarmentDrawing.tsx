import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { boxOf, mirrorRing, openHalf, type Ring } from '@ample-bolt/core/geometry/ring';
import { ringText } from '../../canvas/path-text.ts';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { useSize } from '../../ui/use-size.ts';

interface HalfGarment {
  readonly words: string;
  /** Its outer pieces as they hang: the bodice, and a skirt from the bodice's waist where there is one. */
  readonly rings: readonly Ring[];
}

function halvesOf({ pieces }: Draft): HalfGarment[] {
  const find = (id: string) => pieces.find(({ piece }) => piece.id === id);
  const waistOf = (id: string) =>
    find(id)?.piece.levels.find(({ name }) => name === 'waist')?.path[0]?.y ?? 0;
  return (['front', 'back'] as const).map((which) => {
    const waist = waistOf(`bodice-${which}`);
    const bodice = find(`bodice-${which}`)?.stitch;
    const skirt = find(`skirt-${which}`)?.stitch.map(({ x, y }) => ({ x, y: y + waist }));
    return { words: which, rings: [bodice, skirt].filter((ring) => ring !== undefined) };
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
    half.rings.flatMap((ring) => (half.words === 'front' ? [openHalf(ring)] : [ring, mirrorRing(ring)])),
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
