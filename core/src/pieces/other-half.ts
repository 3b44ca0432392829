/** Edges and darts of the half that was mirrored, in a piece that was opened flat, have this after their own ids. */
const OTHER = '-other';

export const otherId = (id: string): string => `${id}${OTHER}`;
// eslint-disable-next-line no-restricted-syntax -- the one place that knows how the other half's ids are made
export const isOther = (id: string): boolean => id.endsWith(OTHER);
/** The id of what was mirrored. */
export const ownId = (id: string): string => (isOther(id) ? id.slice(0, -OTHER.length) : id);
