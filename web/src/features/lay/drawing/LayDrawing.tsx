import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import { purchaseLength } from '@ample-bolt/core/lay/buy/buying';
import type { Leftover } from '@ample-bolt/core/lay/buy/leftover';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import { formatLength } from '@ample-bolt/core/units/format-length';
import { purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { useSize } from '../../../ui/use-size.ts';
import { CutOff, Direction, LeftPiece, Refold } from './ClothMarks.tsx';
import { ClothRuler } from './ClothRuler.tsx';
import { LaidPieces, placementKey, type LaidPiecesProps } from './LaidPieces.tsx';
import { LayMinimap } from './LayMinimap.tsx';
import { PieceLabel } from './PieceLabel.tsx';
import { Spread } from './Spread.tsx';
import { RULER, type TableView } from './table-view.ts';
import { useZoom } from './use-zoom.ts';
import { ZoomButtons } from './ZoomButtons.tsx';

interface LayDrawingProps extends Omit<LaidPiecesProps, 'table'> {
  readonly cloth: Cloth;
  /** The largest straight piece that is left, to be pointed out. */
  readonly leftover?: Leftover | undefined;
  /** Where along the cloth the print comes again that is matched, mm. */
  readonly figures?: readonly number[];
}

/** Room to the right of the cloth for what is said of its end, in pixels. */
const END = 104;
/** Room below it for what is said of its direction. */
const FOOT = 24;
/** The cloth as it lies on the table, its start to the left: the length runs right, the width down. */
export function LayDrawing({ leftover, figures = [], ...drawn }: LayDrawingProps) {
  const { lay, cloth, unit, onSelect } = drawn;
  const [holder, size] = useSize<HTMLDivElement>();
  const shown = Math.max(lay.length, cloth.length ?? purchaseLength(lay.buy)) * 1.02;
  const zoom = useZoom(holder);
  const fitting = Math.min((size.width - END) / shown, (size.height - RULER - FOOT) / lay.width) || 1;
  const scale = zoom.zoom * fitting;
  const { colour } = chalkFor(cloth.colour);
  const x = (along: number) => along * scale;
  const y = (across: number) => RULER + across * scale;
  const table: TableView = { x, y, scale, shown, colour };
  return (
    <div className="relative size-full min-h-0">
      <div
        ref={holder}
        onScroll={zoom.onScroll}
        className={`size-full ${zoom.zoom > 1 ? 'overflow-auto' : 'overflow-hidden'}`}
      >
        {size.width > 0 && (
          <svg
            width={zoom.zoom > 1 ? x(shown) + END : size.width}
            height={zoom.zoom > 1 ? y(lay.width) + FOOT : size.height}
            className="block"
            role="group"
            aria-label="The lay on its cloth"
            onClick={() => onSelect(undefined)}
          >
            <ClothRuler length={shown} scale={scale} height={RULER} unit={unit} />
            <Spread lay={lay} cloth={cloth} figures={figures} table={table} />
            <LaidPieces {...drawn} table={table} />
            {lay.placements.map((placement) => (
              <PieceLabel key={placementKey(placement)} placement={placement} x={x} y={y} colour={colour} />
            ))}
            {leftover && <LeftPiece leftover={leftover} x={x} y={y} colour={colour} />}
            <Direction at={y(lay.width)} width={x(shown)} oneWay={cloth.oneWay} />
            {lay.sections.slice(1).map(({ from, fold }) => (
              <Refold key={from} at={x(from)} top={RULER} bottom={y(lay.width)} fold={fold} colour={colour} />
            ))}
            <CutOff
              at={x(cloth.length === null ? purchaseLength(lay.buy) : lay.length)}
              end={x(shown)}
              top={RULER}
              height={lay.width * scale}
              words={cloth.length === null ? 'cut off here' : 'laid to here'}
              amount={
                cloth.length === null
                  ? purchaseWords(lay.buy, 'typeset')
                  : formatLength(lay.length, unit, { denominator: 4, style: 'typeset' })
              }
            />
          </svg>
        )}
      </div>
      <ZoomButtons zoom={zoom} />
      {zoom.zoom > 1 && (
        <LayMinimap lay={lay} length={shown} clothColour={cloth.colour} chalk={colour} zoom={zoom} />
      )}
    </div>
  );
}
