import type { Person } from '../../drafting/body.ts';
import type { Cloth } from '../../lay/model/cloth.ts';
import type { LayManner } from '../../lay/model/lay-manner.ts';
import type { Correction } from '../../pieces/correction.ts';
import type { ClientKind } from '../../measures/measure-set.ts';
import type { Unit } from '../../units/length.ts';

/** The order file as it is written: lengths are numbers in its unit, or texts in any form. */
export interface OrderFile {
  readonly format: 'ample-bolt/order';
  readonly version: 1;
  readonly unit: Unit;
  readonly client?: { readonly name?: string; readonly kind?: ClientKind };
  readonly measured?: {
    readonly from?: Person['from'];
    readonly startLine?: 'stitch' | 'cut';
    readonly heelHeight?: WrittenLength;
  };
  readonly measures: { readonly [id: string]: WrittenLength };
  readonly observations?: Partial<Person['observations']>;
  readonly garments: readonly GarmentFile[];
  readonly rules?: { readonly [id: string]: WrittenLength };
  readonly cloths?: readonly ClothFile[];
  /** Findings of fittings, for this garment. */
  readonly corrections?: readonly CorrectionFile[];
  /** Why a stop is taken on, by the key that `check` gives it. */
  readonly signedOff?: { readonly [key: string]: string };
}

/** A correction; `by` may be less than nothing, written with a minus. */
export interface CorrectionFile {
  readonly figure: string;
  readonly by: WrittenLength;
  readonly of?: Correction['of'];
  readonly from: string;
  readonly leftOut?: boolean;
}

export type WrittenLength = number | string;

/** A part by its id, with what is chosen of it. */
export type PartFile =
  string | { readonly part: string; readonly options?: { readonly [id: string]: WrittenLength } };

/** A garment: a style of the book, or the bodice of one, and the parts that are sewn to it. */
export interface GarmentFile {
  readonly style?: string;
  readonly parts?: { readonly [slot: string]: PartFile };
  readonly choices?: { readonly [id: string]: WrittenLength | { readonly [role: string]: WrittenLength } };
  readonly figures?: {
    readonly [id: string]: {
      readonly value: WrittenLength;
      readonly why?: string;
      readonly line?: 'cut' | 'stitch';
    };
  };
}

export interface ClothFile {
  readonly role: Cloth['role'];
  readonly name?: string;
  readonly bolt?: string;
  readonly colour?: string;
  readonly width: WrittenLength;
  readonly selvedge?: WrittenLength;
  readonly length?: WrittenLength | null;
  readonly oneWay?: boolean;
  readonly bothSides?: boolean;
  /** For a yard in a file in inches, for a metre in one in cm. */
  readonly price?: number;
  readonly endTrim?: WrittenLength;
  readonly repeat?: WrittenLength;
  readonly matched?: boolean;
  readonly repeatAcross?: WrittenLength;
  readonly figureAt?: WrittenLength;
  readonly spacing?: WrittenLength;
  readonly flaws?: readonly FlawFile[];
  /** Corners of a leftover that is no straight piece, in their order around it. */
  readonly outline?: readonly CornerFile[];
  readonly panels?: readonly PanelFile[];
  readonly manners?: readonly MannerFile[];
  readonly border?: NonNullable<Cloth['border']>;
  readonly stretch?: NonNullable<Cloth['stretch']>;
  /** Ids of pieces that are cut with a join where they would lie on the fold. */
  readonly joined?: readonly string[];
  /** Ids of pieces of another cloth's that are cut from this one. */
  readonly takes?: readonly string[];
  readonly under?: NonNullable<Cloth['under']>;
}

/** How one piece lies; the margin is a block's. */
export interface MannerFile {
  readonly piece: string;
  readonly manner: LayManner;
  readonly margin?: WrittenLength;
}

/** A corner: along the cloth from its start, and across it from the left selvedge. */
export interface CornerFile {
  readonly along: WrittenLength;
  readonly across: WrittenLength;
}

/** A flaw along the cloth from its start, and across it from the left selvedge. */
export interface FlawFile {
  readonly from: WrittenLength;
  readonly to: WrittenLength;
  readonly left: WrittenLength;
  readonly right: WrittenLength;
}

/** A worked motif, for the piece with that id. */
export interface PanelFile extends FlawFile {
  readonly piece: string;
}
