import type { TicketSummary } from '@ample-bolt/core/shop/ticket-list';

type Wanted = TicketSummary['toBuy'][number];

/** One cloth to buy, with the tickets that it is for. */
export interface ClothToBuy extends Pick<Wanted, 'bolt' | 'name' | 'colour' | 'buy'> {
  readonly tickets: readonly number[];
}

/** The same bolt on several tickets is bought once; each ticket's length stays rounded up on its own. */
export function clothToBuy(tickets: readonly Pick<TicketSummary, 'number' | 'toBuy'>[]): ClothToBuy[] {
  const cloths = new Map<string, ClothToBuy>();
  for (const { number, toBuy } of tickets)
    for (const { bolt, name, colour, buy, with: others } of toBuy) {
      const key = JSON.stringify([bolt, buy.unit]);
      const so = cloths.get(key) ?? { bolt, name, colour, buy: { ...buy, amount: 0 }, tickets: [] };
      cloths.set(key, {
        ...so,
        buy: { ...buy, amount: so.buy.amount + buy.amount },
        tickets: [...new Set([...so.tickets, number, ...others])],
      });
    }
  return [...cloths.values()];
}
