import type { ReactNode } from 'react';

/** How whatever is typed into or chosen from looks. */
export const controlClass =
  'min-h-11 w-full rounded-soft border border-linen-3 bg-white px-3 text-lg font-normal';

/** The same where many stand under each other, as beside a drawing. */
export const boxClass =
  'min-h-9 min-w-0 rounded-soft border border-linen-3 bg-white px-2.5 text-walnut aria-invalid:border-madder max-md:min-h-11';
/** That as wide as there is room. */
export const inputClass = `${boxClass} w-full`;

interface FieldNoteProps {
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
}

/** Under a field: its fault, or else what helps to fill it in. */
export const FieldNote = ({ hint, error }: FieldNoteProps) =>
  error ? (
    <span role="alert" className="text-sm font-semibold text-madder">
      {error}
    </span>
  ) : (
    hint && <span className="text-sm text-walnut-2">{hint}</span>
  );

interface FieldProps extends FieldNoteProps {
  readonly label: string;
  readonly children: ReactNode;
}

/** One thing to fill in: its name above, what is wrong with it or what helps below. */
export const Field = ({ label, hint, error, children }: FieldProps) => (
  <label className="flex flex-col gap-1">
    <span className="text-sm font-semibold text-walnut-2">{label}</span>
    {children}
    <FieldNote hint={hint} error={error} />
  </label>
);

/** One thing to fill in, its name beside it. */
export const FieldRow = ({ label, children }: Pick<FieldProps, 'label' | 'children'>) => (
  <label className="grid grid-cols-[96px_1fr] items-center gap-2">
    <span className="text-sm text-walnut-2">{label}</span>
    {children}
  </label>
);
