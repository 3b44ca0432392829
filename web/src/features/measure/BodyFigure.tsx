import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import { bodyOutline, waistString, type View } from '@ample-bolt/core/measures/figure/body-outline';
import { childPath } from '@ample-bolt/core/measures/figure/child-figure';
import { frameOf, tapePaths } from '@ample-bolt/core/measures/figure/tape-path';
import type { ClientKind } from '@ample-bolt/core/measures/measure-set';

interface BodyFigureProps {
  readonly measure: MeasureId;
  readonly kind: ClientKind;
}

const viewWords: { readonly [view in View]: string } = {
  front: 'seen from the front',
  back: 'seen from the back',
  side: 'seen from the side',
};

/** A plain figure, grown or a child's, with the tape's path for one measure drawn on it, as near as the path allows. */
export function BodyFigure({ measure, kind }: BodyFigureProps) {
  const { view, path } = tapePaths[measure];
  const onBody = (line: string) => (kind === 'child' ? childPath(line) : line);
  const tape = onBody(path);
  const { x, y, width, height } = frameOf(tape);
  const lines = bodyOutline[view].filter(({ adult }) => kind === 'adult' || !adult);
  return (
    <figure className="flex h-full min-h-0 flex-col">
      <svg
        viewBox={`${x} ${y} ${width} ${height}`}
        className="min-h-0 w-full grow"
        role="img"
        aria-label={`Where the tape runs, ${viewWords[view]}`}
      >
        <g fill="none" strokeLinejoin="round" strokeLinecap="round" vectorEffect="non-scaling-stroke">
          {lines.map(({ path: line, light }) => (
            <path
              key={line}
              d={onBody(line)}
              stroke={light ? 'var(--color-walnut-2)' : 'var(--color-walnut)'}
              strokeWidth={(light ? 0.0035 : 0.0055) * height}
            />
          ))}
          <path
            d={onBody(waistString[view])}
            stroke="var(--color-walnut-2)"
            strokeWidth={0.003 * height}
            strokeDasharray={`${0.008 * height} ${0.01 * height}`}
          />
          <path d={tape} stroke="var(--color-chalk-now)" strokeWidth={0.02 * height} />
          <path d={tape} stroke="var(--color-indigo)" strokeWidth={0.008 * height} />
        </g>
      </svg>
      <figcaption className="pt-2 text-center text-sm text-walnut-2 max-md:hidden">
        {viewWords[view]}
      </figcaption>
    </figure>
  );
}
