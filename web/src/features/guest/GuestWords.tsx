import { useState } from 'react';

interface GuestWordsProps {
  readonly label: string;
  readonly stored: string;
  readonly most: number;
  readonly long?: boolean;
  readonly onStore: (text: string) => void;
}

/** A few words, stored when the field is left. */
export function GuestWords({ label, stored, most, long = false, onStore }: GuestWordsProps) {
  const [typed, setTyped] = useState<string>();
  const props = {
    value: typed ?? stored,
    maxLength: most,
    onChange: (event: { target: { value: string } }) => setTyped(event.target.value),
    onBlur: () => typed !== undefined && typed !== stored && onStore(typed),
    className: 'mt-1 block w-full rounded-soft border border-linen-3 bg-white px-3 py-2 text-lg',
  };
  return (
    <label className="block">
      <span className="font-semibold">{label}</span>
      {long ? <textarea rows={3} {...props} /> : <input {...props} />}
    </label>
  );
}
