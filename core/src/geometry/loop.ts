/** The item of a closed loop that comes before another one; throws for one that is not in it. */
export function before<Item>(loop: readonly Item[], item: Item): Item {
  const found = loop.at(placeOf(loop, item) - 1);
  if (found === undefined) throw new Error('a loop has items');
  return found;
}

/** The item of a closed loop that comes after another one. */
export function after<Item>(loop: readonly Item[], item: Item): Item {
  const found = loop[(placeOf(loop, item) + 1) % loop.length];
  if (found === undefined) throw new Error('a loop has items');
  return found;
}

/** The items of a closed loop between two, from the first on; none where they follow each other. */
export function between<Item>(loop: readonly Item[], from: Item, to: Item): Item[] {
  const [first, last] = [placeOf(loop, from), placeOf(loop, to)];
  const count = (last - first - 1 + loop.length) % loop.length;
  return Array.from({ length: count }, (_, step) => loop[(first + 1 + step) % loop.length]).filter(
    (item) => item !== undefined,
  );
}

/** A closed loop told from another of its items on. */
export const startingWith = <Item>(loop: readonly Item[], item: Item): Item[] => [
  item,
  ...between(loop, item, item),
];

function placeOf<Item>(loop: readonly Item[], item: Item): number {
  const place = loop.indexOf(item);
  if (place < 0) throw new Error('the loop has no such item');
  return place;
}
