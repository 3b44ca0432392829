/** Edges and darts of the half that was mirrored, in a piece that was opened flat, have this after their own ids. */
const OTHER = '-other';

export const otherId = (id: string): string => `${id}${OTHER}`;
/** The id of what was mirrored; the id itself where nothing was. */
export const ownId = (id: string): string => id.split(OTHER)[0] ?? id;
export const isOther = (id: string): boolean => ownId(id) !== id;
