import { RadioGroup } from 'radix-ui';
import type { ReactNode } from 'react';

interface PictureCardsProps {
  readonly label: string;
  readonly help: string;
  readonly value: string;
  readonly onChange: (id: string) => void;
  readonly cards: readonly { readonly id: string; readonly words: string; readonly picture: ReactNode }[];
}

/** One of a few things told apart by eye: a card each with its picture; arrow keys walk them. */
export const PictureCards = ({ label, help, value, onChange, cards }: PictureCardsProps) => (
  <div className="py-1">
    <p className="flex flex-wrap items-baseline gap-x-2">
      <span className="font-semibold">{label}</span>
      <span className="text-[13px] text-walnut-2">{help}</span>
    </p>
    <RadioGroup.Root
      value={value}
      onValueChange={onChange}
      aria-label={label}
      className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(82px,1fr))] gap-1.5"
    >
      {cards.map(({ id, words, picture }) => (
        <RadioGroup.Item
          key={id}
          value={id}
          aria-label={words}
          className="flex flex-col items-center gap-0.5 rounded-soft border border-linen-3 bg-white px-1 pt-1.5 pb-1 text-center text-[13px] leading-tight hover:border-walnut data-[state=checked]:border-indigo data-[state=checked]:bg-indigo-1 data-[state=checked]:font-semibold data-[state=checked]:text-indigo data-[state=checked]:ring-1 data-[state=checked]:ring-indigo"
        >
          {picture}
          <span className="flex min-h-8 items-center">{words}</span>
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  </div>
);
