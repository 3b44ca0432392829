import type { LucideIcon } from 'lucide-react';
import type { ReactNode } from 'react';

/** Shared by buttons with an icon and links that look like one. */
export const iconButtonClass =
  'flex min-h-9 items-center gap-2 rounded-soft border border-linen-3 bg-white px-2.5 text-left text-sm font-semibold hover:bg-linen-1 disabled:opacity-45 aria-pressed:border-woad aria-pressed:bg-woad-1 aria-pressed:text-woad max-md:min-h-11';

interface IconButtonProps {
  readonly Icon: LucideIcon;
  readonly onPress: () => void;
  readonly children: ReactNode;
  readonly disabled?: boolean;
  /** For a button that stays pressed. */
  readonly pressed?: boolean;
  readonly title?: string;
}

/** A lesser thing to do, known by its icon and a word or two. */
export const IconButton = ({
  Icon,
  onPress,
  children,
  disabled = false,
  pressed,
  title,
}: IconButtonProps) => (
  <button
    type="button"
    title={title}
    disabled={disabled}
    aria-pressed={pressed}
    onClick={onPress}
    className={iconButtonClass}
  >
    <Icon size={16} aria-hidden />
    {children}
  </button>
);
