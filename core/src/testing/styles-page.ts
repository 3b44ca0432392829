import { levelKind } from '../pieces/level.ts';
import { clothRoles } from '../pieces/piece.ts';
import { bodicePart, chosenParts } from '../parts/part-book.ts';
import { bookInput } from '../styles/book-figure.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import type { Style } from '../styles/style.ts';
import { capital } from '../text/capital.ts';

const head = `# The style book

Every style with its parts, and what comes of it on the ordinary figure that the book is drawn on. \`core/styles.test.ts\` writes this page
(\`WRITE_DOCS=1\`). A cloth has so many pieces as they are drawn, and so many as they are cut. Seams are walked on both sides; girths are measured on
the finished pieces, in the order in which they are checked.

| Style | Id | Parts | Pieces drawn, and cut | Figures | Seams | Girths |
| --- | --- | --- | --- | --- | --- | --- |
`;

/** Pieces of each cloth, drawn and cut: \`outer 4, 7\`. */
function piecesOf(style: Style): string {
  const { pieces } = recipeOf(style).draft(bookInput);
  return clothRoles
    .flatMap((role) => {
      const own = pieces.map(({ piece }) => piece).filter((piece) => piece.role === role);
      const cut = own.reduce((count, piece) => count + piece.cut.copies, 0);
      return own.length > 0 ? [`${role} ${own.length}, ${cut}`] : [];
    })
    .join('; ');
} // prettier-ignore

/** One line of the table. */
function lineOf(style: Style): string {
  const draft = recipeOf(style).draft(bookInput);
  const parts = [bodicePart(style.parts), ...chosenParts(style.parts, {})].map(({ name }) =>
    name.toLowerCase(),
  );
  const girths = [...new Set(draft.rounds.map(({ level }) => levelKind(level).girth))];
  const cells = [
    style.name,
    `\`${style.id}\``,
    capital(parts.join(', ')),
    piecesOf(style),
    draft.figures.length,
    draft.seams.length,
    girths.join(', ') || '–',
  ];
  return `| ${cells.join(' | ')} |`;
}

/** The page of all styles, as Markdown. */
export const stylesPage = (): string => `${head}${Object.values(styleBook).map(lineOf).join('\n')}\n`;
