import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Piece } from '@ample-bolt/core/pieces/piece';
import { cutName, pieceName } from '@ample-bolt/core/words/names';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import type { PieceProgress } from './chalk-progress.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';

interface ChalkHeaderProps {
  readonly piece: Piece;
  readonly mark: Mark;
  /** How many marks the piece has. */
  readonly inAll: number;
  readonly finished: boolean;
  readonly cutting: boolean;
  readonly pieces: readonly PieceProgress[];
  /** Takes another piece in hand. */
  readonly onPiece: (piece: string) => void;
  /** Opens the list of pieces to cut; it stays open once all is chalked. */
  readonly onCut: (() => void) | undefined;
}

/** Which piece is in hand and how far its marks are. */
export function ChalkHeader({
  piece,
  mark,
  inAll,
  finished,
  cutting,
  pieces,
  onPiece,
  onCut,
}: ChalkHeaderProps) {
  const { ticket } = useTicketContext();
  const cloth = ticket.cloths.find(({ role }) => role === piece.role);
  return (
    <>
      <header className="flex flex-wrap items-center gap-3 max-lg:justify-between max-lg:gap-y-1">
        <Link
          to={paths.station(ticket.id, 'lay')}
          className="grid min-h-11 place-items-center rounded-soft border border-chalk-soft px-3 whitespace-nowrap text-chalk-line"
        >
          ← Nº {ticket.number}
        </Link>
        <p className="min-w-0 grow leading-snug max-lg:order-last max-lg:basis-full">
          {cutting ? (
            <span className="block text-lg">{ticket.title}</span>
          ) : (
            <select
              aria-label="Piece in hand"
              value={piece.id}
              onChange={({ target }) => onPiece(target.value)}
              className="-ml-1 block min-h-8 max-w-full truncate rounded-soft bg-table text-lg text-chalk-line"
            >
              {pieces.map(({ piece: id, done, inAll: all }) => (
                <option key={id} value={id} disabled={done >= all && id !== piece.id}>
                  {pieceName(id)}
                  {done >= all ? ', chalked' : done > 0 ? `, ${done} of ${all}` : ''}
                </option>
              ))}
            </select>
          )}
          <span className="block truncate text-[15px] text-chalk-soft max-md:hidden">
            {cutting
              ? ticket.client.name
              : `${cutName(piece.cut.layers, piece.cut.copies)} · ${cloth?.name ?? piece.role}`}
          </span>
        </p>
        {onCut && (
          <button
            type="button"
            aria-pressed={cutting}
            onClick={onCut}
            className="min-h-11 rounded-soft border border-chalk-soft px-3 whitespace-nowrap aria-pressed:bg-table-2"
          >
            {cutting ? 'Marks' : 'Cut list'}
          </button>
        )}
        {!finished && !cutting && (
          <p className="text-lg whitespace-nowrap">
            {mark.order} / {inAll}
          </p>
        )}
      </header>
      <div className={`mt-4 flex gap-1 max-md:mt-2 ${cutting ? 'invisible' : ''}`} aria-hidden>
        {Array.from({ length: inAll }, (_, index) => {
          const done = index + 1 < mark.order || finished;
          const now = index + 1 === mark.order && !finished;
          return (
            <span
              key={index}
              className={`h-2 grow rounded-[2px] ${now ? 'bg-chalk-now' : done ? 'bg-woad-1' : 'bg-table-2'}`}
            />
          );
        })}
      </div>
    </>
  );
}
