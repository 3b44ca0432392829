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
    className={`min-h-9 rounded-soft border border-linen-3 bg-white px-3 max-md:min-h-11 ${className}`}
  />
);
