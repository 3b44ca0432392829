import type { StyleFile } from '@ample-bolt/core/formats/style/read-style';

/** A style as it is kept. */
export interface KeptStyle {
  readonly id: string;
  readonly file: StyleFile;
}

/** Where the styles that the house composed are kept. */
export interface StyleStore {
  /** By name. */
  list(): Promise<KeptStyle[]>;
  /** Undefined where a style has that name already, in whatever case it is written. */
  add(file: StyleFile): Promise<KeptStyle | undefined>;
  /** Says whether it was there. */
  remove(id: string): Promise<boolean>;
}
