import { Check } from 'lucide-react';

interface CutBoxProps {
  readonly name: string;
  /** How many there are, or what holds the shears back. */
  readonly says: string;
  readonly cut: boolean;
  readonly ready: boolean;
  /** The one that the shears take next. */
  readonly next: boolean;
  readonly onToggle: () => void;
}

/** One thing to cut, ticked off by a hand that holds shears. */
export const CutBox = ({ name, says, cut, ready, next, onToggle }: CutBoxProps) => (
  <button
    type="button"
    role="checkbox"
    aria-checked={cut}
    aria-current={next}
    disabled={!ready && !cut}
    onClick={onToggle}
    className="flex min-h-12 w-full items-center gap-3 rounded-soft border border-table-2 px-3 text-left aria-checked:bg-table-2 aria-[current=true]:border-chalk-now disabled:text-chalk-soft"
  >
    <span className="grid size-6 shrink-0 place-items-center rounded-[3px] border-2 border-current">
      {cut && <Check size={18} strokeWidth={3} aria-hidden />}
    </span>
    <span className="min-w-0">
      <span className="block leading-snug font-semibold">{name}</span>
      <span className="block text-sm text-chalk-soft">{says}</span>
    </span>
  </button>
);
