import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { clothRoleName, cutName } from '@ample-bolt/core/words/names';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';

interface PieceStepperProps {
  readonly pieces: readonly DraftedPiece[];
  /** The piece in hand; none where all are shown at once. */
  readonly current: string | undefined;
  readonly onChoose: (id: string | undefined) => void;
  /** Whether all pieces at once come before the first. */
  readonly withAll?: boolean;
}

/** The pieces one after the other, for a thumb; beside a list that has them all there is no room on a phone. */
export function PieceStepper({ pieces, current, onChoose, withAll = false }: PieceStepperProps) {
  const index = pieces.findIndex(({ piece }) => piece.id === current);
  const piece = pieces[index]?.piece;
  const first = withAll ? -1 : 0;
  const step = (by: 1 | -1) => onChoose(pieces[index + by]?.piece.id);
  return (
    <div className="flex shrink-0 items-center gap-2 lg:hidden">
      <Step label="Piece before" disabled={index <= first} onClick={() => step(-1)}>
        <ChevronLeft size={20} aria-hidden />
      </Step>
      <p className="min-w-0 grow text-center leading-tight">
        <strong className="block text-lg">{piece?.name ?? 'All pieces'}</strong>
        <span className="text-sm text-walnut-2">
          {piece
            ? `${clothRoleName[piece.role]} · ${cutName(piece.cut.layers, piece.cut.copies)} · piece ${index + 1} of ${pieces.length}`
            : `${pieces.length} in all`}
        </span>
      </p>
      <Step label="Next piece" disabled={index >= pieces.length - 1} onClick={() => step(1)}>
        <ChevronRight size={20} aria-hidden />
      </Step>
    </div>
  );
}

const Step = ({
  label,
  disabled,
  onClick,
  children,
}: {
  readonly label: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) => (
  <button
    type="button"
    aria-label={label}
    disabled={disabled}
    onClick={onClick}
    className="grid size-11 shrink-0 place-items-center rounded-soft border border-linen-3 bg-white disabled:text-linen-3"
  >
    {children}
  </button>
);
