import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { LayPiece } from '@ample-bolt/core/lay/model/layable';
import type { WantedSection } from '@ample-bolt/core/lay/model/lay-task';

/** The sections of a lay; one fold from end to end has what lies single in an open section after it. */
export function sectionsOf({ sections, placements }: Lay, pieces: readonly LayPiece[]): WantedSection[] {
  const [first] = sections;
  if (sections.length > 1)
    return sections.map(({ fold }, index) => ({
      fold,
      pieces: [...new Set(placements.flatMap(({ section, piece }) => (section === index ? [piece] : [])))],
    }));
  const single = pieces.filter(({ cut }) => cut.layers === 'single').map(({ id }) => id);
  const double = pieces.map(({ id }) => id).filter((id) => !single.includes(id));
  const fold = first && first.fold !== 'open' && first.fold !== 'width' ? first.fold : 'half';
  const apart: WantedSection[] = [
    { fold, pieces: double },
    { fold: 'open', pieces: single },
  ];
  return apart.filter((section) => section.pieces.length > 0);
}

/** A piece in the section after the one that it was in; from the last it goes to the first. */
export function movedOn(sections: readonly WantedSection[], piece: string): WantedSection[] {
  const from = sections.findIndex(({ pieces }) => pieces.includes(piece));
  const to = (from + 1) % sections.length;
  return sections.map((section, index) => ({
    ...section,
    pieces: [...section.pieces.filter((each) => each !== piece), ...(index === to ? [piece] : [])],
  }));
}

/** One section fewer; its pieces go to the one before it, or to the new first. */
export function withoutSection(sections: readonly WantedSection[], index: number): WantedSection[] {
  const heir = index === 0 ? 1 : index - 1;
  const left = sections[index]?.pieces ?? [];
  return sections.flatMap((section, at) =>
    at === index ? [] : [at === heir ? { ...section, pieces: [...section.pieces, ...left] } : section],
  );
}

/** Sections as they were kept, for the pieces that there are now: those that are gone leave, new ones come into the first. */
export function forPieces(sections: readonly WantedSection[], ids: readonly string[]): WantedSection[] {
  const isNew = (id: string) => !sections.some(({ pieces }) => pieces.includes(id));
  return sections.map((section, index) => ({
    ...section,
    pieces: [...section.pieces.filter((id) => ids.includes(id)), ...(index === 0 ? ids.filter(isNew) : [])],
  }));
}
