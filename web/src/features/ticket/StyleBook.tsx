import { styleBook } from '@ample-bolt/core/styles/style-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { RadioGroup } from 'radix-ui';
import { StylePicture } from './StylePicture.tsx';

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

const StyleCard = ({ style }: { readonly style: Style }) => (
  <RadioGroup.Item
    value={style.id}
    className="flex flex-col items-center gap-1 rounded-soft border border-linen-3 bg-white px-2 pt-2 pb-1.5 text-center text-sm leading-tight hover:border-walnut data-[state=checked]:border-indigo data-[state=checked]:bg-linen-1 data-[state=checked]:font-semibold data-[state=checked]:ring-2 data-[state=checked]:ring-indigo"
  >
    <StylePicture styleId={style.id} width={108} height={112} />
    <span className="flex min-h-9 items-center">{style.name}</span>
  </RadioGroup.Item>
);
