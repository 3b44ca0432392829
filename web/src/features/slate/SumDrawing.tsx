import type { SumInputs, SumLine } from '@ample-bolt/core/slate/quick-sum';

interface SumDrawingProps {
  readonly name: string;
  readonly inputs: SumInputs;
  readonly lines: readonly SumLine[];
}

const SIZE = 150;
const PAD = 6;
const ROOM = SIZE - 2 * PAD;

/** A small drawing to scale, for the sums that are easier seen than read. */
export function SumDrawing({ name, inputs, lines }: SumDrawingProps) {
  const mm = (key: string): number => {
    const quantity = lines.find((line) => line.key === key)?.quantity;
    return quantity?.kind === 'length' ? quantity.mm : 0;
  };
  switch (name) {
    case 'flare':
      return <RingSector inner={mm('inner')} outer={mm('outer')} circle={Math.min(1, inputs.of('circle'))} />;
    case 'flounce':
      return <RingSector inner={mm('inner')} outer={mm('outer')} circle={1} />;
    case 'fold-width':
      return <FoldedCloth depth={mm('depth')} width={inputs.of('clothWidth')} />;
    case 'tiers':
      return <Tiers widths={lines.filter(({ key }) => key.startsWith('width')).map(({ key }) => mm(key))} />;
    case 'sleeve-steps':
      return <Steps pitch={mm('pitch')} count={inputs.of('count')} length={inputs.of('length')} />;
    default:
      return null;
  }
}

const Frame = ({ words, children }: { readonly words: string; readonly children: React.ReactNode }) => (
  <svg width={SIZE} height={SIZE} role="img" aria-label={words} className="shrink-0 rounded-soft bg-white">
    <g fill="none" stroke="var(--color-indigo)" strokeWidth="1.8" strokeLinejoin="round">
      {children}
    </g>
  </svg>
);

/** A ring, or a part of one, lying with its centre where it is folded. */
function RingSector({ inner, outer, circle }: { inner: number; outer: number; circle: number }) {
  if (outer <= 0 || inner < 0) return null;
  const whole = circle > 0.99;
  const radius = ROOM / 2;
  const small = (radius * inner) / outer;
  const centre = SIZE / 2;
  const at = (r: number, turn: number) =>
    `${centre + r * Math.sin(2 * Math.PI * turn)} ${centre - r * Math.cos(2 * Math.PI * turn)}`;
  const large = circle > 0.5 ? 1 : 0;
  return (
    <Frame words="The ring, to scale">
      {whole ? (
        <>
          <circle cx={centre} cy={centre} r={radius} />
          <circle cx={centre} cy={centre} r={small} />
        </>
      ) : (
        <path
          d={`M${at(radius, 0)}A${radius} ${radius} 0 ${large} 1 ${at(radius, circle)}L${at(small, circle)}A${small} ${small} 0 ${large} 0 ${at(small, 0)}Z`}
        />
      )}
      <path d={`M${centre - 4} ${centre}h8M${centre} ${centre - 4}v8`} strokeWidth="1" />
    </Frame>
  );
}

/** Cloth across, folded from the left; what lies double is shaded. */
function FoldedCloth({ depth, width }: { depth: number; width: number }) {
  const folded = Math.min(depth, width / 2);
  const scale = ROOM / Math.max(width - folded, 1);
  return (
    <Frame words="The cloth folded to width, to scale">
      <rect x={PAD} y={PAD} width={folded * scale} height={ROOM} fill="var(--color-indigo-1)" />
      <rect x={PAD} y={PAD} width={(width - folded) * scale} height={ROOM} />
      <path d={`M${PAD} ${PAD}v${ROOM}`} strokeDasharray="8 5" strokeWidth="2.6" />
    </Frame>
  );
}

function Tiers({ widths }: { widths: readonly number[] }) {
  const widest = Math.max(1, ...widths);
  const height = ROOM / Math.max(1, widths.length);
  return (
    <Frame words="The tiers laid flat, to scale across">
      {widths.map((width, index) => (
        <rect
          key={index}
          x={SIZE / 2 - (ROOM * width) / widest / 2}
          y={PAD + index * height}
          width={(ROOM * width) / widest}
          height={height}
        />
      ))}
    </Frame>
  );
}

/** Where each flounce is sewn on, from the top of the sleeve down; the dashed line is its end. */
function Steps({ pitch, count, length }: { pitch: number; count: number; length: number }) {
  const scale = (ROOM - 12) / length;
  return (
    <Frame words="Where the flounces are sewn, to scale">
      <path d={`M40 ${PAD}H${SIZE - 40}L${SIZE - 28} ${SIZE - PAD - 12}H28Z`} strokeWidth="1" />
      {Array.from({ length: count }, (_, index) => (
        <path key={index} d={`M34 ${PAD + index * pitch * scale}H${SIZE - 34}`} />
      ))}
      <path d={`M20 ${PAD + length * scale}H${SIZE - 20}`} strokeDasharray="5 4" />
    </Frame>
  );
}
