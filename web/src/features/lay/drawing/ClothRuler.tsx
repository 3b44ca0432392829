import { mmPer, type Unit } from '@ample-bolt/core/units/length';

interface ClothRulerProps {
  readonly length: number;
  /** Pixels a millimetre. */
  readonly scale: number;
  /** Height that it takes above the cloth, in pixels. */
  readonly height: number;
  readonly unit: Unit;
}

/** A tape along the length: inches with feet and yards picked out, or centimetres with decimetres. */
export function ClothRuler({ length, scale, height, unit }: ClothRulerProps) {
  const step = unit === 'in' ? 3 : 5;
  const marks = Array.from(
    { length: Math.floor(length / (mmPer(unit) * step)) + 1 },
    (_, index) => index * step,
  );
  const named = unit === 'in' ? 12 : 20;
  const name = (count: number) => (unit === 'in' && count % 36 === 0 ? `${count / 36} yd` : String(count));
  return (
    <g aria-hidden fontSize="12" fill="var(--color-walnut-2)" stroke="none">
      {marks.map((count) => {
        const at = count * mmPer(unit) * scale;
        const tall = count % named === 0;
        return (
          <g key={count}>
            <path d={`M${at + 0.5} ${height}v${tall ? -10 : -6}`} stroke="var(--color-walnut)" />
            {tall && (
              <text x={at + 3} y={height - 11}>
                {name(count)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
