/** Raised whenever the same inputs would be drafted or marked differently: a frozen draft says which one drew it. */
export const coreVersion = '3';
