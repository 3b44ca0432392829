import { markInHand } from '@ample-bolt/core/chalk/chalk-colour';
import { clamp } from '@ample-bolt/core/geometry/clamp';
import type { Box } from '@ample-bolt/core/geometry/ring';
import type { KeyLength } from '@ample-bolt/core/garment/key-lengths';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { keyLengthWords } from '@ample-bolt/core/words/key-length-words';
import { inkOn, type ClothColours } from '@ample-bolt/core/sketch/ink';
import { faces } from '@ample-bolt/core/pieces/piece';
import { frameOf, type Sketch } from '@ample-bolt/core/sketch/sketch';
import type { ChoiceHandle } from '@ample-bolt/core/styles/choice-handles';
import type { Unit } from '@ample-bolt/core/units/length';
import { PointHandle, type MovablePoint } from '../../canvas/PointHandle.tsx';
import { SketchShapes } from '../../canvas/SketchShapes.tsx';
import { fitView, viewTransform, type View } from '../../canvas/view.ts';
import { useSize, type Size } from '../../ui/use-size.ts';

/** Steps in which the drawing's frame grows, mm: it holds still under a hand that drags a point. */
const FRAME_STEP = 80;

const steady = ({ minX, minY, maxX, maxY }: Box): Box => ({
  minX: Math.floor(minX / FRAME_STEP) * FRAME_STEP,
  minY: Math.floor(minY / FRAME_STEP) * FRAME_STEP,
  maxX: Math.ceil(maxX / FRAME_STEP) * FRAME_STEP,
  maxY: Math.ceil(maxY / FRAME_STEP) * FRAME_STEP,
});

/** Room around the drawing, pixels. */
const MARGIN = 14;

/** The view with its head at the top: what room is left shows more of the person below. */
const standing = (view: View, { minY }: Box): View => ({ ...view, dy: MARGIN - view.scale * minY });

/** Front and back beside each other or one above the other, whichever shows them larger; both to one scale, so that they compare. */
function arranged(box: Box, { width, height }: Size) {
  const beside = { width: width / 2, height };
  const above = { width, height: height / 2 };
  const fit = (half: Size) => ({ half, view: standing(fitView(box, half, MARGIN), box) });
  const [a, b] = [fit(beside), fit(above)];
  return a.view.scale >= b.view.scale ? { ...a, stacked: false } : { ...b, stacked: true };
}

interface GarmentDrawingProps {
  readonly sketch: Sketch;
  readonly colours: ClothColours;
  readonly unit: Unit;
  /** Places that set a choice, and what happens when a hand moves one; mm. */
  readonly handles: readonly ChoiceHandle[];
  readonly onChoose: (choice: string, mm: number) => void;
  /** Its finished lengths at a glance. */
  readonly lengths: readonly KeyLength[];
  /** Where the agreed garment is found as a picture to keep or print. */
  readonly pictures: readonly { readonly href: string; readonly words: string }[];
}

/** The place as the hand moves it, within what can be chosen. */
const movable = (
  { at, way, shown, label, mm, least, most, choice }: ChoiceHandle,
  onChoose: GarmentDrawingProps['onChoose'],
): MovablePoint => ({
  at,
  way,
  shown,
  label,
  mm,
  range: { least, most },
  onMove: (wanted) => onChoose(choice, clamp(wanted, least, most)),
});

/** The garment made up on the client, front and back, on its own cloth; what is chosen by length can be moved on it. */
export function GarmentDrawing({
  sketch,
  colours,
  unit,
  handles,
  onChoose,
  lengths,
  pictures,
}: GarmentDrawingProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const ink = inkOn(colours);
  const manner = { ink, heavier: 1 };
  const { half, view, stacked } = arranged(steady(frameOf(sketch, true)), size);
  return (
    <div
      className="flex min-h-0 flex-col overflow-hidden rounded-soft"
      style={{ background: ink.ground, color: ink.line }}
    >
      <div ref={holder} className="relative min-h-0 grow">
        {size.width > 0 && (
          <svg
            width={size.width}
            height={size.height}
            role="group"
            aria-label="The garment made up on the client, front and back"
          >
            {faces.map((face, index) => (
              <svg
                key={face}
                x={stacked ? 0 : index * half.width}
                y={stacked ? index * half.height : 0}
                width={half.width}
                height={half.height}
              >
                <g transform={viewTransform(view)}>
                  <SketchShapes shapes={sketch[face].person} manner={manner} />
                  <SketchShapes shapes={sketch[face].shapes} manner={manner} />
                  {handles
                    .filter((handle) => handle.half === face)
                    .map((handle) => (
                      <PointHandle
                        key={handle.choice}
                        point={movable(handle, onChoose)}
                        view={view}
                        unit={unit}
                        colour={markInHand(ink.ground)}
                      />
                    ))}
                </g>
                <text x={14} y={24} fill={ink.line} fontSize="13">
                  {face}
                </text>
              </svg>
            ))}
          </svg>
        )}
        <p className="absolute top-2 right-3 flex gap-3 text-[13px] font-semibold">
          {pictures.map(({ href, words }) => (
            <a
              key={href}
              href={href}
              target="_blank"
              rel="noreferrer"
              className="grid min-h-6 items-center underline"
            >
              {words}
            </a>
          ))}
        </p>
      </div>
      <dl className="flex shrink-0 flex-wrap gap-x-6 gap-y-1 px-4 pt-1 pb-2.5">
        {lengths.map(({ of, mm }) => (
          <div key={of} className="flex flex-col-reverse">
            <dt className="text-[13px] leading-tight">{keyLengthWords[of]}</dt>
            <dd className="text-xl leading-tight font-bold">
              {formatNumber(mm, unit, { style: 'typeset' })}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
