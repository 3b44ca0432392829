/** Number of letters to change, leave out, add or swap with their neighbour to come from one word to another. */
function letterChanges(from: string, to: string): number {
  const rows: number[][] = [Array.from({ length: to.length + 1 }, (_, column) => column)];
  for (let row = 1; row <= from.length; row++) {
    const above = rows[row - 1] ?? [];
    const line = [row];
    for (let column = 1; column <= to.length; column++) {
      const differs = from[row - 1] === to[column - 1] ? 0 : 1;
      const changed = (above[column - 1] ?? 0) + differs;
      const swapped =
        row > 1 && column > 1 && from[row - 1] === to[column - 2] && from[row - 2] === to[column - 1]
          ? (rows[row - 2]?.[column - 2] ?? 0) + 1
          : Infinity;
      line.push(Math.min((above[column] ?? 0) + 1, (line[column - 1] ?? 0) + 1, changed, swapped));
    }
    rows.push(line);
  }
  return rows[from.length]?.[to.length] ?? 0;
}

/** Words further than this part of their letters apart are not mistaken for each other. */
const MISTAKEN = 0.4;

/** The known word that was most likely meant by a mistyped one, or undefined when none is near. */
export function nearestOf(word: string, known: readonly string[]): string | undefined {
  const [nearest] = known
    .map((each) => ({ each, changes: letterChanges(word.toLowerCase(), each.toLowerCase()) }))
    .filter(({ each, changes }) => changes <= MISTAKEN * Math.max(word.length, each.length))
    .sort((a, b) => a.changes - b.changes);
  return nearest?.each;
}
