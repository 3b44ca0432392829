/** Gives the middle value; of an even number of them the upper one. */
export const median = (values) => [...values].sort((a, b) => a - b)[values.length >> 1] ?? NaN;
