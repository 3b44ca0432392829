/** A finding of a fitting, kept for the next garment: a figure that is drawn longer or shorter by so much. */
export interface Correction {
  /** piece/name, such as bodice-front/neck-width. */
  readonly figure: string;
  /** Added to what is worked out, mm; less than nothing is taken off. */
  readonly mm: number;
  /** Whose it is: it goes with every garment of the client, of the style, or of the house. */
  readonly of: 'client' | 'style' | 'house';
  /** The fitting that it came from, in the shop's words. */
  readonly from: string;
  /** Known and not wanted on this garment. */
  readonly leftOut?: boolean;
}
