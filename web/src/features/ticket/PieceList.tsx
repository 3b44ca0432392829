import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { clothRoleName, cutName, nameInCloth } from '@ample-bolt/core/words/names';

interface PieceListProps {
  readonly pieces: readonly DraftedPiece[];
  /** The piece in hand; none where all are shown at once. */
  readonly current: string | undefined;
  readonly onChoose: (id: string | undefined) => void;
  /** Whether all pieces at once can be chosen too. */
  readonly withAll?: boolean;
  /** Pieces to point at, with why: set by hand, not true. */
  readonly marked?: ReadonlyMap<string, string>;
}

/** The pieces of a draft by their cloth, and how each is cut. */
export function PieceList({
  pieces,
  current,
  onChoose,
  withAll = false,
  marked = new Map<string, string>(),
}: PieceListProps) {
  const roles = [...new Set(pieces.map(({ piece }) => piece.role))];
  return (
    <nav
      aria-label="Pieces"
      className="min-h-0 overflow-auto rounded-soft border border-linen-2 bg-white py-1 max-lg:hidden"
    >
      {withAll && (
        <button
          type="button"
          aria-current={current === undefined}
          onClick={() => onChoose(undefined)}
          className="min-h-9 w-full border-l-3 border-transparent px-4 text-left hover:bg-linen-1 aria-[current=true]:border-indigo aria-[current=true]:bg-indigo-1 aria-[current=true]:font-semibold"
        >
          All pieces
        </button>
      )}
      {roles.map((role) => {
        const own = pieces.filter(({ piece }) => piece.role === role);
        return (
          <section key={role} className="border-t border-linen-2 py-1.5 first:border-t-0">
            <h2 className="px-4 py-1 font-text text-[13px] font-semibold tracking-normal text-walnut-2">
              {clothRoleName[role]} · {own.length === 1 ? '1 piece' : `${own.length} pieces`}
            </h2>
            {own.map(({ piece }) => (
              <button
                key={piece.id}
                type="button"
                aria-current={piece.id === current}
                onClick={() => onChoose(piece.id)}
                className="flex min-h-9 w-full items-center gap-2 border-l-3 border-transparent px-4 text-left hover:bg-linen-1 aria-[current=true]:border-indigo aria-[current=true]:bg-indigo-1 aria-[current=true]:font-semibold"
              >
                <span className="grow leading-tight">{nameInCloth(piece)}</span>
                <span
                  className={`text-sm font-normal whitespace-nowrap ${marked.has(piece.id) ? 'text-weld' : 'text-walnut-2'}`}
                >
                  {marked.get(piece.id) ?? cutName(piece.cut.layers, piece.cut.copies)}
                </span>
              </button>
            ))}
          </section>
        );
      })}
    </nav>
  );
}
