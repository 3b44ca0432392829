import type { House } from '@ample-bolt/core/messages/house-messages';

/** Where the rules of the one house are kept. */
export interface HouseStore {
  read(): Promise<House>;
  /** Writes rules on a version; says whether they were still at that one. */
  write(version: number, rules: House['rules']): Promise<boolean>;
}
