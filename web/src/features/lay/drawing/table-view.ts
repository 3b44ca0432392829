import type { Lay, Section } from '@ample-bolt/core/lay/model/lay';

/** Room above the cloth for its ruler, in pixels. */
export const RULER = 26;

/** How the cloth is seen on the table, its start to the left: the length runs right, the width down. */
export interface TableView {
  /** Pixels from the left, by mm along the cloth. */
  readonly x: (along: number) => number;
  /** Pixels from the top, by mm across it. */
  readonly y: (across: number) => number;
  /** Pixels to a mm. */
  readonly scale: number;
  /** How much of the cloth's length is in the picture, mm. */
  readonly shown: number;
  /** What is drawn on the cloth. */
  readonly colour: string;
}

/** Turns what is drawn across and along the cloth, in mm, to lie on the table. */
export const onTable = (scale: number): string => `translate(0 ${RULER}) scale(${scale}) matrix(0 1 1 0 0 0)`;

/** Sections with where they end in the picture: the last one's fold goes on to the end of the cloth. */
export const sectionsShown = (
  { sections }: Pick<Lay, 'sections'>,
  shown: number,
): (Section & { readonly end: number })[] =>
  sections.map((section, index) => ({
    ...section,
    end: index === sections.length - 1 ? shown : section.to,
  }));
