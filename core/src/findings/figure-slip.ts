/** Amounts that a figure set by hand may be off by, exactly: a sum done aloud at the table that went wrong. */
export const figureSlips = ['allowance', 'allowance-twice', 'intake', 'half-round', 'quarter-round'] as const;

export type FigureSlip = (typeof figureSlips)[number];
