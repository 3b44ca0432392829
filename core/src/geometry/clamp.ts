/** `value` held within [least, most]; when the bounds cross, the upper one wins. */
export const clamp = (value: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, value));
