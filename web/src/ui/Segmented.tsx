import { ToggleGroup } from 'radix-ui';

export interface SegmentedProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly word: string }[];
  readonly onChange: (value: T) => void;
}

/** One of a few words, all in sight. */
export function Segmented<T extends string>({ label, value, options, onChange }: SegmentedProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => next && onChange(next as T)}
      className="inline-flex rounded-soft border border-linen-3 bg-white"
    >
      {options.map(({ value: option, word }) => (
        <ToggleGroup.Item
          key={option}
          value={option}
          className="min-h-8 border-r border-linen-3 px-3 text-sm max-md:min-h-11 first:rounded-l-soft last:rounded-r-soft last:border-r-0 data-[state=on]:bg-walnut data-[state=on]:font-semibold data-[state=on]:text-white"
        >
          {word}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
