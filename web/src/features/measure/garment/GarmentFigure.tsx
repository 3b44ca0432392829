import { GARMENT, garmentOutline, garmentTapes } from '@ample-bolt/core/worked-out/garment-outline';
import type { GarmentMeasureId } from '@ample-bolt/core/worked-out/sample-garment';

/** The garment as it lies on the table, with the tape where it is laid. */
export function GarmentFigure({ measure }: { readonly measure: GarmentMeasureId }) {
  const { view, path } = garmentTapes[measure];
  return (
    <svg
      viewBox={`0 0 ${GARMENT.width} ${GARMENT.height}`}
      className="h-full w-full"
      role="img"
      aria-label={`Where the tape lies on the garment, ${view}`}
    >
      <g fill="none" strokeLinejoin="round" strokeLinecap="round">
        {garmentOutline[view].map((line) => (
          <path key={line} d={line} stroke="var(--color-walnut)" strokeWidth="1.4" />
        ))}
        <path d={path} stroke="var(--color-chalk-now)" strokeWidth="7" />
        <path d={path} stroke="var(--color-indigo)" strokeWidth="2.6" />
      </g>
    </svg>
  );
}
