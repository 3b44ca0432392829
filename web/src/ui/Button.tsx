import type { ButtonHTMLAttributes, ReactNode } from 'react';

type Look = 'act' | 'outline' | 'quiet';

const looks: Readonly<Record<Look, string>> = {
  act: 'border-indigo bg-indigo text-white hover:bg-[#22346a]',
  outline: 'border-indigo bg-white text-indigo hover:bg-indigo-1',
  quiet: 'border-linen-3 bg-white text-walnut hover:bg-linen-1',
};

/** Shared by buttons and links that look like one. */
export const buttonClass = (look: Look = 'act'): string =>
  `inline-flex min-h-9 max-md:min-h-11 items-center justify-center gap-2 rounded-soft border px-4 font-semibold whitespace-nowrap disabled:opacity-45 ${looks[look]}`;

export interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: Look | undefined;
  readonly hotkey?: string;
  readonly children: ReactNode;
}

export function Button({ look = 'act', hotkey, children, className = '', ...rest }: ButtonProps) {
  return (
    <button type="button" className={`${buttonClass(look)} ${className}`} {...rest}>
      {children}
      {hotkey && <Key>{hotkey}</Key>}
    </button>
  );
}

/** A key that does the same, shown on what it does. */
export function Key({ children }: { readonly children: ReactNode }) {
  return (
    <kbd aria-hidden className="rounded-[3px] border border-current px-1.5 text-[11px] leading-4 opacity-75">
      {children}
    </kbd>
  );
}
