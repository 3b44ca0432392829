import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import { tapePaths } from './tape-paths.ts';

/** Right half of the body's outline; the left is its mirror. */
const HALF =
  'M110 16C124 16 131 28 131 42C131 58 121 68 118 72V78C122 84 138 87 149 92C160 97 163 108 166 124L176 190C178 204 179 214 178 222M158 128L164 190C166 202 168 212 168 220M142 124C144 134 143 146 140 156C136 168 134 178 135 190C137 208 146 222 147 240C147 276 138 312 134 352L130 408M112 262C113 292 112 320 112 352L110 408';

/** A plain figure with the tape's path for one measure drawn on it. */
export function BodyFigure({ measure, taller }: { readonly measure: MeasureId; readonly taller: boolean }) {
  const tape = tapePaths[measure];
  const view = tape?.view ?? 'front';
  return (
    <figure className="flex h-full flex-col">
      <svg
        viewBox="20 6 190 410"
        className="min-h-0 grow"
        role="img"
        aria-label={tape ? `Where the tape runs, seen from the ${view}` : 'No drawing for this measure'}
      >
        <g
          fill="none"
          stroke="var(--color-walnut)"
          strokeWidth={taller ? 1.6 : 1.8}
          strokeLinejoin="round"
          strokeLinecap="round"
        >
          <path d={HALF} />
          <path d={HALF} transform="matrix(-1 0 0 1 220 0)" />
          {view === 'front' ? (
            <path
              d="M80 138C84 152 102 154 107 143M140 138C136 152 118 154 113 143"
              stroke="var(--color-walnut-2)"
              strokeWidth="1.2"
            />
          ) : (
            <path
              d="M110 88V236M92 118Q96 126 92 136M128 118Q124 126 128 136"
              stroke="var(--color-walnut-2)"
              strokeWidth="1.2"
            />
          )}
        </g>
        <path d="M82 190H138" stroke="var(--color-linen-3)" strokeDasharray="2 3" fill="none" />
        {tape && (
          <>
            <path
              d={tape.path}
              fill="none"
              stroke="var(--color-chalk-now)"
              strokeWidth="6"
              strokeLinecap="round"
            />
            <path
              d={tape.path}
              fill="none"
              stroke="var(--color-indigo)"
              strokeWidth="2.4"
              strokeLinecap="round"
            />
          </>
        )}
      </svg>
      <figcaption className="pt-2 text-center text-sm text-walnut-2">
        {tape ? `seen from the ${view}` : 'no drawing for this one'}
      </figcaption>
    </figure>
  );
}
