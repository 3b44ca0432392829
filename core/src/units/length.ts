/** Every length inside the product is a number of millimetres; these are the only conversions. */
export type Unit = 'in' | 'cm';

/** Exact by definition: the international inch. */
export const MM_PER_INCH = 25.4;
export const MM_PER_CENTIMETRE = 10;
export const MM_PER_METRE = 1000;
export const MM_PER_FOOT = 12 * MM_PER_INCH;
export const MM_PER_YARD = 36 * MM_PER_INCH;

export const inches = (count: number): number => count * MM_PER_INCH;

export const mmPer = (unit: Unit): number => (unit === 'in' ? MM_PER_INCH : MM_PER_CENTIMETRE);

export const toUnit = (mm: number, unit: Unit): number => mm / mmPer(unit);
