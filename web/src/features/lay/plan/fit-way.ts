import { clothFileOf } from '@ample-bolt/core/formats/order/write-order';
import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { changedCloths, type FitWay } from '@ample-bolt/core/shop/make-it-fit';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { formatLength } from '@ample-bolt/core/units/format-length';
import { pieceName } from '@ample-bolt/core/words/names';

/** A way in words: what is changed, and by how much at most. */
export function wayWords(way: FitWay, { unit, styleId }: Pick<Ticket, 'unit' | 'styleId'>): string {
  const by = (mm: number) => formatLength(mm, unit, { denominator: 8, style: 'typeset' });
  switch (way.kind) {
    case 'ease':
      return `Eases less by up to ${by(way.by)}`;
    case 'shorter': {
      const [id = ''] = Object.keys(way.choices);
      return `${styleOf(styleId)?.choices[id]?.label ?? 'Length'} ${by(way.by)} less`;
    }
    case 'join':
      return `A join at the fold of ${way.pieces.map((id) => pieceName(id).toLowerCase()).join(', ')}`;
    case 'other':
      return `${way.pieces.map((id) => pieceName(id)).join(', ')} from the ${way.role}`;
    case 'width':
      return `Another cloth, ${formatLength(way.mm, unit, { decimals: 0, style: 'typeset' })} wide`;
  }
}

/** What a way changes of a ticket, as it would be typed: its choices, or its cloths. */
export type TypedChange =
  | { readonly part: 'choices'; readonly choices: { readonly [id: string]: string } }
  | { readonly part: 'cloths'; readonly cloths: readonly ClothFile[] };

export function typedChange(
  way: FitWay,
  { choices, cloths }: Pick<Ticket, 'choices' | 'cloths'>,
  role: ClothRole,
): TypedChange {
  if (!('choices' in way))
    return { part: 'cloths', cloths: changedCloths(cloths, role, way).map(clothFileOf) };
  const own = Object.entries(choices ?? {}).map(([id, entered]) => [id, entered.typed] as const);
  return { part: 'choices', choices: { ...Object.fromEntries(own), ...way.choices } };
}
