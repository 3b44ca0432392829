import type { ChoiceValues } from '@ample-bolt/core/garment/choice';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { RadioGroup } from 'radix-ui';
import { useHouseStyles } from '../../api/styles.ts';
import { StylePicture } from './StylePicture.tsx';

interface StyleBookProps {
  readonly value: string;
  /** The id of a style of the book, or of one of the house. */
  readonly onChange: (picked: string) => void;
}

/** The style book as pictures: each style's front, made up on an ordinary figure, the house's own first. One is chosen; arrow keys walk them. */
export function StyleBook({ value, onChange }: StyleBookProps) {
  const { data: own = [] } = useHouseStyles();
  return (
    <RadioGroup.Root
      value={value}
      onValueChange={onChange}
      aria-label="Style"
      className="flex flex-col gap-2"
    >
      {own.length > 0 && (
        <>
          <p className="text-sm text-walnut-2">Composed by this house</p>
          <div className={grid}>
            {own.map(({ id, file, choices }) => (
              <StyleCard key={id} id={id} name={file.name} styleId={file.style} choices={choices} />
            ))}
          </div>
          <p className="text-sm text-walnut-2">The book</p>
        </>
      )}
      <div className={grid}>
        {Object.values(styleBook).map(({ id, name }) => (
          <StyleCard key={id} id={id} name={name} styleId={id} />
        ))}
      </div>
    </RadioGroup.Root>
  );
}

const grid = 'grid grid-cols-[repeat(auto-fill,minmax(112px,1fr))] gap-2';

interface StyleCardProps {
  readonly id: string;
  readonly name: string;
  readonly styleId: string;
  readonly choices?: ChoiceValues;
}

const StyleCard = ({ id, name, styleId, choices }: StyleCardProps) => (
  <RadioGroup.Item
    value={id}
    className="flex flex-col items-center gap-1 rounded-soft border border-linen-3 bg-white px-2 pt-2 pb-1.5 text-center text-sm leading-tight hover:border-walnut data-[state=checked]:border-indigo data-[state=checked]:bg-linen-1 data-[state=checked]:font-semibold data-[state=checked]:ring-2 data-[state=checked]:ring-indigo"
  >
    <StylePicture styleId={styleId} {...(choices && { choices })} width={108} height={112} />
    <span className="flex min-h-9 items-center">{name}</span>
  </RadioGroup.Item>
);
