import type { ReactNode } from 'react';

interface CheckBoxProps {
  readonly checked: boolean;
  readonly disabled?: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly children: ReactNode;
}

/** Yes or no, with its words beside it. */
export const CheckBox = ({ checked, disabled = false, onChange, children }: CheckBoxProps) => (
  <label className="flex min-h-9 items-center gap-2 text-[15px] max-md:min-h-11">
    <input
      type="checkbox"
      className="size-5 shrink-0 accent-indigo"
      checked={checked}
      disabled={disabled}
      onChange={(event) => onChange(event.target.checked)}
    />
    {children}
  </label>
);
