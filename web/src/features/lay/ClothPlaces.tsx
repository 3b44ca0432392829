import type { Cloth, Flaw } from '@ample-bolt/core/lay/model/cloth';
import type { Unit } from '@ample-bolt/core/units/length';
import { pieceName } from '@ample-bolt/core/words/names';
import { FieldRows, type Fields } from './FieldRows.tsx';

type Side = 'from' | 'to' | 'left' | 'right';
export type FlawFields = Fields<Side>;
export type PanelFields = Fields<Side | 'piece'>;
export type CornerFields = Fields<'along' | 'across'>;

/** What of a cloth has its place on it, as it is typed. */
export interface PlaceFields {
  readonly flaws: readonly FlawFields[];
  readonly panels: readonly PanelFields[];
  readonly outline: readonly CornerFields[];
}

export function placeFieldsOf(cloth: Cloth | undefined, text: (mm: number) => string): PlaceFields {
  const { flaws = [], panels = [], outline = [] } = cloth ?? {};
  const place = ({ from, to, left, right }: Flaw): FlawFields => ({
    from: text(from),
    to: text(to),
    left: text(left),
    right: text(right),
  });
  return {
    flaws: flaws.map(place),
    panels: panels.map((panel) => ({ ...place(panel), piece: panel.piece })),
    outline: outline.map(({ x, y }) => ({ along: text(y), across: text(x) })),
  };
}

const noPlace: FlawFields = { from: '', to: '', left: '', right: '' };
const sides = [
  ['from', 'from the start'],
  ['to', 'to'],
  ['left', 'from the upper selvedge'],
  ['right', 'to'],
] as const;

interface ClothPlacesProps {
  readonly fields: PlaceFields;
  readonly unit: Unit;
  /** Pieces that are cut from the cloth, by their ids. */
  readonly pieces: readonly string[];
  /** The field that was refused, from `flaws.0.to` on. */
  readonly refused: string | undefined;
  readonly onChange: (change: Partial<PlaceFields>) => void;
}

/** Flaws that nothing is laid over, panels with a worked motif, and the outline of a leftover. */
export function ClothPlaces({ fields, unit, pieces, refused, onChange }: ClothPlacesProps) {
  const faulty = (kind: keyof PlaceFields) => (index: number) =>
    refused?.startsWith(`${kind}.${index}.`) === true || refused === kind;
  const [first = ''] = pieces;
  return (
    <>
      <FieldRows
        one="Flaw"
        all="Flaws"
        rows={fields.flaws}
        lengths={sides}
        unit={unit}
        empty={noPlace}
        faulty={faulty('flaws')}
        onChange={(flaws) => onChange({ flaws })}
      />
      <FieldRows
        one="Panel"
        all="Panels with a worked motif"
        rows={fields.panels}
        lengths={sides}
        unit={unit}
        empty={{ ...noPlace, piece: first }}
        faulty={faulty('panels')}
        onChange={(panels) => onChange({ panels })}
        more={(row, set) => (
          <label className="mb-1.5 block text-[13px] text-walnut-2">
            carries, middle on middle
            <select
              className="min-h-9 w-full rounded-soft border border-linen-3 bg-white px-2 text-walnut"
              value={row.piece}
              onChange={(event) => set({ piece: event.target.value })}
            >
              {pieces.map((piece) => (
                <option key={piece} value={piece}>
                  {pieceName(piece)}
                </option>
              ))}
            </select>
          </label>
        )}
      />
      <FieldRows
        one="Corner"
        all="Corners of a leftover"
        rows={fields.outline}
        lengths={[
          ['along', 'from the start'],
          ['across', 'from the upper selvedge'],
        ]}
        unit={unit}
        empty={{ along: '', across: '' }}
        faulty={faulty('outline')}
        onChange={(outline) => onChange({ outline })}
      />
      {fields.outline.length > 0 && (
        <p className="text-[13px] text-walnut-2">
          Go around the leftover from corner to corner. Its width and how much is in hand are those of the
          straight piece that it would come out of.
        </p>
      )}
    </>
  );
}
