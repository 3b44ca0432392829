import { boxClass } from './Field.tsx';

interface SearchFieldProps {
  readonly label: string;
  /** What can be typed, where the label does not say it. */
  readonly hint?: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly className?: string;
}

/** Narrows what is listed below as it is typed in. */
export const SearchField = ({
  label,
  hint = label,
  value,
  onChange,
  className = 'w-52',
}: SearchFieldProps) => (
  <input
    type="search"
    aria-label={label}
    placeholder={hint}
    value={value}
    onChange={(event) => onChange(event.target.value)}
    className={`${boxClass} ${className}`}
  />
);
