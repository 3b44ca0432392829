import { chalkFor, markInHand } from '@ample-bolt/core/chalk/chalk-colour';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { clamp } from '@ample-bolt/core/geometry/clamp';
import type { ChoiceHandle } from '@ample-bolt/core/styles/choice-handles';
import type { Unit } from '@ample-bolt/core/units/length';
import { boxOf, type Box } from '@ample-bolt/core/geometry/ring';
import { PointHandle, type MovablePoint } from '../../canvas/PointHandle.tsx';
import { ringText } from '../../canvas/path-text.ts';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { wornRings } from '../../canvas/worn-rings.ts';
import { useSize, type Size } from '../../ui/use-size.ts';

const halves = ['front', 'back'] as const;

const fixed = { vectorEffect: 'non-scaling-stroke' as const, strokeWidth: 2, fillOpacity: 0.08 };

/** Steps in which the drawing's frame grows, mm: it holds still under a hand that drags a point. */
const FRAME_STEP = 80;

const steady = ({ minX, minY, maxX, maxY }: Box): Box => ({
  minX: Math.floor(minX / FRAME_STEP) * FRAME_STEP,
  minY: Math.floor(minY / FRAME_STEP) * FRAME_STEP,
  maxX: Math.ceil(maxX / FRAME_STEP) * FRAME_STEP,
  maxY: Math.ceil(maxY / FRAME_STEP) * FRAME_STEP,
});

/** Front and back beside each other or one above the other, whichever shows them larger; both to one scale, so that they compare. */
function arranged(box: Box, { width, height }: Size) {
  const beside = { width: width / 2, height };
  const above = { width, height: height / 2 };
  const fit = (half: Size) => ({ half, view: fitView(box, half, 22) });
  const [a, b] = [fit(beside), fit(above)];
  return a.view.scale >= b.view.scale ? { ...a, stacked: false } : { ...b, stacked: true };
}

interface GarmentDrawingProps {
  readonly draft: Draft;
  readonly cloth: string;
  readonly unit: Unit;
  /** Places that set a choice, and what happens when a hand moves one; mm. */
  readonly handles: readonly ChoiceHandle[];
  readonly onChoose: (choice: string, mm: number) => void;
}

/** The place as the hand moves it, within what can be chosen. */
const movable = (
  { at, way, label, mm, least, most, choice }: ChoiceHandle,
  onChoose: GarmentDrawingProps['onChoose'],
): MovablePoint => ({
  at,
  way,
  label,
  mm,
  onMove: (wanted) => onChoose(choice, clamp(wanted, least, most)),
});

/** The garment's own pieces, stitch to stitch, front and back as they will hang; what is chosen by length can be moved on it. */
export function GarmentDrawing({ draft, cloth, unit, handles, onChoose }: GarmentDrawingProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const { colour } = chalkFor(cloth);
  const rings = halves.map((each) => wornRings(draft.worn, each));
  const { half, view, stacked } = arranged(steady(boxOf(rings.flat(2))), size);
  return (
    <div ref={holder} className="min-h-0 overflow-hidden rounded-soft" style={{ background: cloth }}>
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="group"
          aria-label="The garment drawn from its pieces, front and back"
        >
          {halves.map((words, index) => (
            <g
              key={words}
              transform={`translate(${stacked ? 0 : index * half.width} ${stacked ? index * half.height : 0})`}
            >
              <g transform={viewTransform(view)} fill={colour} stroke={colour} strokeLinejoin="round">
                {rings[index]?.map((ring, part) => (
                  <path key={part} d={ringText(ring)} {...fixed} />
                ))}
                {handles
                  .filter(({ half }) => half === words)
                  .map((handle) => (
                    <PointHandle
                      key={handle.choice}
                      point={movable(handle, onChoose)}
                      view={view}
                      unit={unit}
                      colour={markInHand(cloth)}
                    />
                  ))}
              </g>
              <text x={16} y={26} fill={colour} fontSize="13">
                {words}
              </text>
            </g>
          ))}
        </svg>
      )}
    </div>
  );
}
