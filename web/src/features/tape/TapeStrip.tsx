const INCH = 42;
const WIDE = 480;

/** The end of the tape as it lies at the mark: inches and their quarters. */
export function TapeStrip({ sixteenths }: { readonly sixteenths: number }) {
  const at = sixteenths / 16;
  const first = Math.ceil((at - WIDE / INCH) * 4) / 4;
  const marks = Array.from(
    { length: Math.ceil((WIDE / INCH) * 4) + 1 },
    (_, index) => first + index / 4,
  ).filter((mark) => mark >= 0 && mark <= at);
  return (
    <svg viewBox={`0 0 ${WIDE + 30} 76`} className="w-full" role="img" aria-label="The tape at its mark">
      <rect x="0" y="12" width={WIDE} height="52" fill="var(--color-chalk-now)" />
      <g stroke="var(--color-walnut)" fill="var(--color-walnut)">
        {marks.map((mark) => {
          const x = WIDE - (at - mark) * INCH;
          const whole = Number.isInteger(mark);
          return (
            <g key={mark}>
              <path d={`M${x} 12V${whole ? 36 : 24}`} strokeWidth={whole ? 1.6 : 0.9} />
              {whole && mark > 0 && (
                <text x={x - 4} y="58" textAnchor="end" fontSize="17" fontWeight="600" stroke="none">
                  {mark}
                </text>
              )}
            </g>
          );
        })}
        <rect x={WIDE} y="4" width="14" height="68" rx="2" />
      </g>
    </svg>
  );
}
