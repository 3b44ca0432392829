import { boxOf } from '@ample-bolt/core/geometry/ring';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { RadioGroup } from 'radix-ui';
import { ringText } from '../../canvas/path-text.ts';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { wornRings } from '../../canvas/worn-rings.ts';
import { useStyleDrawn } from '../../workers/use-drafted.ts';

interface StyleBookProps {
  readonly value: string;
  readonly onChange: (styleId: string) => void;
}

/** The style book as pictures: each style's front, drafted on an ordinary figure. One is chosen; arrow keys walk them. */
export const StyleBook = ({ value, onChange }: StyleBookProps) => (
  <RadioGroup.Root
    value={value}
    onValueChange={onChange}
    aria-label="Style"
    className="grid grid-cols-[repeat(auto-fill,minmax(112px,1fr))] gap-2"
  >
    {Object.values(styleBook).map((style) => (
      <StyleCard key={style.id} style={style} />
    ))}
  </RadioGroup.Root>
);

const PICTURE = { width: 108, height: 104 };
const drawn = { vectorEffect: 'non-scaling-stroke' as const, strokeWidth: 1.5, fillOpacity: 0.07 };

function StyleCard({ style }: { readonly style: Style }) {
  const worn = useStyleDrawn(style.id);
  const rings = worn ? wornRings(worn, 'front') : [];
  const view = rings.length > 0 ? fitView(boxOf(rings.flat()), PICTURE, 4) : undefined;
  return (
    <RadioGroup.Item
      value={style.id}
      className="flex flex-col items-center gap-1 rounded-soft border border-linen-3 bg-white px-2 pt-2 pb-1.5 text-center text-sm leading-tight hover:border-walnut data-[state=checked]:border-indigo data-[state=checked]:bg-linen-1 data-[state=checked]:font-semibold data-[state=checked]:ring-2 data-[state=checked]:ring-indigo"
    >
      <svg width={PICTURE.width} height={PICTURE.height} aria-hidden className="text-walnut">
        {view && (
          <g transform={viewTransform(view)} fill="currentColor" stroke="currentColor" strokeLinejoin="round">
            {rings.map((ring, part) => (
              <path key={part} d={ringText(ring)} {...drawn} />
            ))}
          </g>
        )}
      </svg>
      <span className="flex min-h-9 items-center">{style.name}</span>
    </RadioGroup.Item>
  );
}
