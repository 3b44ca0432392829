/** Where the shop computer passes the readings of a digital tape on. */
export const tapeAddress = (): string => `${window.location.origin.replace(/^http/, 'ws')}/api/tape`;
