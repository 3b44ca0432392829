import type { Cloth, Flaw } from '@ample-bolt/core/lay/model/cloth';
import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import { clothFileOf } from '@ample-bolt/core/formats/order/write-order';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';

type Side = 'from' | 'to' | 'left' | 'right';
type Place = Record<Side, string>;

/** A cloth as it is typed. */
export interface ClothFields {
  name: string;
  /** The bolt that it shares with other tickets; empty for a cloth of its own. */
  bolt: string;
  colour: string;
  width: string;
  selvedge: string;
  length: string;
  oneWay: boolean;
  bothSides: boolean;
  price: string;
  endTrim: string;
  repeat: string;
  matched: boolean;
  repeatAcross: string;
  figureAt: string;
  spacing: string;
  border: NonNullable<Cloth['border']> | '';
  isStretchAlong: boolean;
  under: ClothRole | '';
  joined: string[];
  takes: string[];
  flaws: Place[];
  panels: (Place & { piece: string })[];
  outline: { along: string; across: string }[];
}

/** Fields that are left out of the file where they are empty. */
const optional = ['endTrim', 'repeat', 'repeatAcross', 'figureAt', 'spacing'] as const;

export function clothFieldsOf(cloth: Cloth | undefined, unit: Unit): ClothFields {
  const text = (mm: number) => formatNumber(mm, unit, { denominator: 16, decimals: 1 });
  const orNone = (mm: number | null | undefined) => (mm ? text(mm) : '');
  const place = ({ from, to, left, right }: Flaw): Place => ({
    from: text(from),
    to: text(to),
    left: text(left),
    right: text(right),
  });
  const { flaws = [], panels = [], outline = [] } = cloth ?? {};
  return {
    name: cloth?.name ?? '',
    bolt: cloth?.bolt ?? '',
    colour: cloth?.colour ?? '#23545b',
    width: cloth ? text(cloth.width) : unit === 'in' ? '45' : '114',
    selvedge: cloth ? text(cloth.selvedge) : unit === 'in' ? '1/2' : '1.5',
    length: orNone(cloth?.length),
    oneWay: cloth?.oneWay ?? false,
    bothSides: cloth?.bothSides ?? false,
    price: cloth?.price === undefined ? '' : String(cloth.price),
    endTrim: orNone(cloth?.endTrim),
    repeat: orNone(cloth?.repeat),
    matched: cloth?.matched ?? false,
    repeatAcross: orNone(cloth?.repeatAcross),
    figureAt: cloth?.figureAt === undefined ? '' : text(cloth.figureAt),
    spacing: orNone(cloth?.spacing),
    border: cloth?.border ?? '',
    isStretchAlong: cloth?.stretch === 'along',
    under: cloth?.under ?? '',
    joined: [...(cloth?.joined ?? [])],
    takes: [...(cloth?.takes ?? [])],
    flaws: flaws.map(place),
    panels: panels.map((panel) => ({ ...place(panel), piece: panel.piece })),
    outline: outline.map(({ x, y }) => ({ along: text(y), across: text(x) })),
  };
}

/** What a yard or a metre costs, as typed; undefined where that is no number. */
export function priceIn(typed: string): number | undefined {
  const price = Number(typed.replace(',', '.'));
  return price >= 0 ? price : undefined;
}

/** The cloth as it is stored; how each piece lies on it stays as `before` has it. */
export function clothFileFrom(fields: ClothFields, role: ClothRole, before: Cloth | undefined): ClothFile {
  const { name, bolt, length, price, outline, panels, border, isStretchAlong, under, ...rest } = fields;
  const manners = before && clothFileOf(before).manners;
  const own = Object.fromEntries(
    Object.entries(rest).filter(
      ([field, value]) =>
        !(optional.some((each) => each === field) && typeof value === 'string' && value.trim() === ''),
    ),
  ) as Omit<typeof rest, (typeof optional)[number]>;
  return {
    role,
    ...own,
    name: name.trim(),
    length: length.trim() === '' ? null : length,
    ...(bolt !== '' && { bolt }),
    ...(price.trim() !== '' && { price: priceIn(price) ?? 0 }),
    ...(outline.length > 0 && { outline }),
    ...(panels.length > 0 && { panels }),
    ...(manners && { manners }),
    ...(border !== '' && { border }),
    ...(isStretchAlong && { stretch: 'along' as const }),
    ...(under !== '' && { under }),
  };
}
