import type { HandFigures } from '../../pieces/hand-figure.ts';
import { ruleOf, ruleSet, rulesThatDiffer, type RuleOverrides } from '../../rules/catalogue.ts';
import type { EnteredById, Ticket } from '../../shop/ticket.ts';
import type { SignOffs } from '../../shop/sign-off.ts';
import type { Cloth, Flaw } from '../../lay/model/cloth.ts';
import type { ClothFile, FlawFile, OrderFile } from './order-file.ts';

const written = (entered: { readonly [id: string]: { readonly typed: string } }): { [id: string]: string } =>
  Object.fromEntries(Object.entries(entered).map(([id, { typed }]) => [id, typed]));

const millimetres = (mm: number): string => `${mm}mm`;

/** A cloth as a file has it, its lengths exact. */
const writtenPlace = ({ from, to, left, right }: Flaw): FlawFile => ({
  from: millimetres(from),
  to: millimetres(to),
  left: millimetres(left),
  right: millimetres(right),
});

export const clothFileOf = ({
  endTrim,
  repeat,
  repeatAcross,
  figureAt,
  spacing,
  flaws,
  outline,
  panels,
  manners,
  ...cloth
}: Cloth): ClothFile => ({
  ...cloth,
  ...(endTrim ? { endTrim: millimetres(endTrim) } : {}),
  ...(repeat ? { repeat: millimetres(repeat) } : {}),
  ...(repeatAcross ? { repeatAcross: millimetres(repeatAcross) } : {}),
  ...(figureAt === undefined ? {} : { figureAt: millimetres(figureAt) }),
  ...(spacing ? { spacing: millimetres(spacing) } : {}),
  ...(flaws
    ? {
        flaws: flaws.map(writtenPlace),
      }
    : {}),
  ...(outline
    ? { outline: outline.map(({ x, y }) => ({ along: millimetres(y), across: millimetres(x) })) }
    : {}),
  ...(manners
    ? {
        manners: manners.map(({ margin, ...how }) => ({
          ...how,
          ...(margin === undefined ? {} : { margin: millimetres(margin) }),
        })),
      }
    : {}),
  ...(panels ? { panels: panels.map((panel) => ({ ...writtenPlace(panel), piece: panel.piece })) } : {}),
  width: millimetres(cloth.width),
  selvedge: millimetres(cloth.selvedge),
  length: cloth.length === null ? null : millimetres(cloth.length),
});

const writtenFigures = (figures: HandFigures): NonNullable<OrderFile['garments'][number]['figures']> =>
  Object.fromEntries(
    Object.entries(figures).map(([id, { mm, why, line = 'cut' as const }]) => [
      id,
      { value: millimetres(mm), why, line },
    ]),
  );

/** Only rules that differ from the defaults, so that the file shows what this shop does its own way. */
function writtenRules(overrides: RuleOverrides): NonNullable<OrderFile['rules']> {
  const set = ruleSet(overrides);
  return Object.fromEntries(
    rulesThatDiffer(ruleSet(), set).map((id) => {
      const value = set[id];
      return [id, ruleOf(id).kind === 'length' && typeof value === 'number' ? millimetres(value) : value];
    }),
  );
}

const writtenSignOffs = (signedOff: SignOffs): NonNullable<OrderFile['signedOff']> =>
  Object.fromEntries(Object.entries(signedOff).map(([key, { why }]) => [key, why]));

/** The heel is one of the measures, and says in a file how the full lengths were taken. */
const heelOf = ({ heelHeight }: EnteredById): { heelHeight?: string } =>
  heelHeight ? { heelHeight: heelHeight.typed } : {};

/** A ticket as an order file: lengths as they were typed, so that reading it back drafts the same garment. */
export const orderFileOf = (ticket: Ticket): OrderFile => ({
  format: 'ample-bolt/order',
  version: 1,
  unit: ticket.unit,
  client: { name: ticket.client.name, kind: ticket.client.kind },
  measured: {
    from: ticket.measures.from,
    startLine: ticket.measures.startLine,
    ...heelOf(ticket.measures.values),
  },
  measures: written(ticket.measures.values),
  observations: ticket.measures.observations,
  garments: [
    {
      style: ticket.styleId,
      choices: written(ticket.choices ?? {}),
      ...(Object.keys(ticket.figures).length > 0 ? { figures: writtenFigures(ticket.figures) } : {}),
    },
  ],
  rules: writtenRules(ticket.rules),
  cloths: ticket.cloths.map(clothFileOf),
  ...(Object.keys(ticket.signedOff).length > 0 ? { signedOff: writtenSignOffs(ticket.signedOff) } : {}),
});
