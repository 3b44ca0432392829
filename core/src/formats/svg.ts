import type { Draft } from '../drafting/draft.ts';
import { sampleCurve, type Curve } from '../geometry/curve.ts';
import { drawRing } from '../geometry/path/path-sink.ts';
import { svgPathSink } from '../geometry/path/svg-path.ts';
import { boxOf, type Ring } from '../geometry/ring.ts';
import { creaseLine, creasesOf, type Lay } from '../lay/model/lay.ts';
import { OUTLINE_TOLERANCE } from '../pieces/piece.ts';
import { pieceName } from '../words/names.ts';

const GAP = 40;

/** A line inside a piece as a path. */
const linePath = (path: Curve): string =>
  sampleCurve(path, OUTLINE_TOLERANCE)
    .map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`)
    .join('');

const ringPath = (ring: Ring): string => {
  const sink = svgPathSink();
  drawRing(ring, sink);
  return sink.text();
};

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** Drawn in true size: one unit of the drawing is one millimetre. */
const page = (width: number, height: number, body: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width.toFixed(1)}mm" height="${height.toFixed(1)}mm" viewBox="0 0 ${width.toFixed(1)} ${height.toFixed(1)}" font-family="sans-serif" font-size="14">\n${body}\n</svg>\n`;

/** All pieces of a draft side by side: the cut line full, the stitch line dashed. */
export function draftSvg(draft: Draft): string {
  let x = GAP;
  let height = 0;
  const groups = draft.pieces.map(({ piece, stitch, outline }) => {
    const box = boxOf(outline);
    const group = `<g transform="translate(${(x - box.minX).toFixed(2)} ${(GAP - box.minY).toFixed(2)})">
<path d="${ringPath(outline)}" fill="none" stroke="#222" stroke-width="0.8"/>
<path d="${ringPath(stitch)}" fill="none" stroke="#222" stroke-width="0.5" stroke-dasharray="4 3"/>${(
      piece.lines ?? []
    )
      .map(
        ({ path }) => `
<path d="${linePath(path)}" fill="none" stroke="#222" stroke-width="0.5" stroke-dasharray="1 3"/>`,
      )
      .join('')}
<text x="${((box.minX + box.maxX) / 2).toFixed(1)}" y="${((box.minY + box.maxY) / 2).toFixed(1)}" text-anchor="middle">${escaped(piece.name)}</text>
</g>`;
    x += box.maxX - box.minX + GAP;
    height = Math.max(height, box.maxY - box.minY);
    return group;
  });
  return page(x, height + 2 * GAP, groups.join('\n'));
}

function layGroup(lay: Lay, left: number): string {
  const pieces = lay.placements.map(({ piece, polygon }) => {
    const box = boxOf(polygon);
    return `<path d="${ringPath(polygon)}" fill="#f4efe6" stroke="#222"/><text x="${((box.minX + box.maxX) / 2).toFixed(1)}" y="${((box.minY + box.maxY) / 2).toFixed(1)}" text-anchor="middle">${escaped(pieceName(piece))}</text>`;
  });
  const foldLines = lay.sections.flatMap((section) =>
    creasesOf(section).map((crease) => {
      const [a, b] = creaseLine(crease, section, lay.width);
      return `<path d="M${a.x} ${a.y}L${b.x} ${b.y}" stroke="#222" stroke-dasharray="10 6"/>`;
    }),
  );
  const cloth = `<rect width="${lay.width}" height="${lay.length.toFixed(2)}" fill="none" stroke="#222"/>`;
  return `<g transform="translate(${left.toFixed(2)} 0)">\n${[cloth, ...pieces, ...foldLines].join('\n')}\n</g>`;
}

/** Lays on their opened cloths side by side, x across and y along the length. */
export function laySvg(lays: readonly Lay[]): string {
  let width = 0;
  const groups = lays.map((lay) => {
    const group = layGroup(lay, width);
    width += lay.width + GAP;
    return group;
  });
  return page(width - GAP, Math.max(...lays.map(({ length }) => length)), groups.join('\n'));
}
