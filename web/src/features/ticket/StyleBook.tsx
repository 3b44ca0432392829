import { inkOn } from '@ample-bolt/core/sketch/ink';
import { frameOf } from '@ample-bolt/core/sketch/sketch';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { RadioGroup } from 'radix-ui';
import { SketchShapes } from '../../canvas/SketchShapes.tsx';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { useStyleDrawn } from '../../workers/use-drafted.ts';

interface StyleBookProps {
  readonly value: string;
  readonly onChange: (styleId: string) => void;
}

/** The style book as pictures: each style's front, made up on an ordinary figure. One is chosen; arrow keys walk them. */
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

const PICTURE = { width: 108, height: 112 };
/** The book has no cloth of its own: undyed, on the white of its card. */
const manner = { ink: inkOn({ net: '#f3ead6' }, '#ffffff'), heavier: 1.9 };

function StyleCard({ style }: { readonly style: Style }) {
  const sketch = useStyleDrawn(style.id);
  return (
    <RadioGroup.Item
      value={style.id}
      className="flex flex-col items-center gap-1 rounded-soft border border-linen-3 bg-white px-2 pt-2 pb-1.5 text-center text-sm leading-tight hover:border-walnut data-[state=checked]:border-indigo data-[state=checked]:bg-linen-1 data-[state=checked]:font-semibold data-[state=checked]:ring-2 data-[state=checked]:ring-indigo"
    >
      <svg width={PICTURE.width} height={PICTURE.height} aria-hidden>
        {sketch && (
          <g transform={viewTransform(fitView(frameOf(sketch, false), PICTURE, 6))}>
            <SketchShapes shapes={sketch.front.shapes} manner={manner} />
          </g>
        )}
      </svg>
      <span className="flex min-h-9 items-center">{style.name}</span>
    </RadioGroup.Item>
  );
}
