import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { cutName } from '@ample-bolt/core/words/names';

interface PieceListProps {
  readonly pieces: readonly DraftedPiece[];
  readonly current: string;
  readonly onChoose: (id: string) => void;
}

/** The pieces of a draft, and how each is cut. */
export const PieceList = ({ pieces, current, onChoose }: PieceListProps) => (
  <nav aria-label="Pieces" className="rounded-soft border border-linen-2 bg-white py-2">
    <h2 className="px-4 py-1.5 font-text text-[13px] font-semibold tracking-normal text-walnut-2">
      Outer · {pieces.length} pieces
    </h2>
    {pieces.map(({ piece }) => (
      <button
        key={piece.id}
        type="button"
        aria-current={piece.id === current}
        onClick={() => onChoose(piece.id)}
        className="flex min-h-10 w-full items-center gap-2 border-l-3 border-transparent px-4 text-left hover:bg-linen-1 aria-[current=true]:border-indigo aria-[current=true]:bg-indigo-1 aria-[current=true]:font-semibold"
      >
        <span className="grow">{piece.name}</span>
        <span className="text-sm font-normal text-walnut-2">
          {cutName(piece.cut.layers, piece.cut.copies)}
        </span>
      </button>
    ))}
  </nav>
);
