import { useKeptWords } from '../../ui/use-kept-words.ts';

interface GuestWordsProps {
  readonly label: string;
  /** Under which name what is typed and not stored survives a reload. */
  readonly keptAs: string;
  readonly stored: string;
  readonly most: number;
  readonly long?: boolean;
  readonly onStore: (text: string) => Promise<boolean>;
}

/** A few words, stored when the field is left. */
export function GuestWords({ label, keptAs, stored, most, long = false, onStore }: GuestWordsProps) {
  const words = useKeptWords(keptAs, stored, onStore);
  const props = {
    value: words.value,
    maxLength: most,
    onChange: (event: { target: { value: string } }) => words.type(event.target.value),
    onBlur: words.leave,
    className: 'mt-1 block w-full rounded-soft border border-linen-3 bg-white px-3 py-2 text-lg',
  };
  return (
    <label className="block">
      <span className="font-semibold">{label}</span>
      {long ? <textarea rows={3} {...props} /> : <input {...props} />}
    </label>
  );
}
