import { writeFileSync } from 'node:fs';
import { chalkMannerIn } from '../src/chalk/chalk-manner.ts';
import { chalkAll } from '../src/chalk/chalk-piece.ts';
import type { Draft } from '../src/drafting/draft.ts';
import { checkJson, draftJson, findingJson, pairOf, tidy } from '../src/formats/draft-json.ts';
import type { Order } from '../src/shop/order.ts';
import { sketchSvg } from '../src/formats/sketch-svg.ts';
import { clothColoursOf, inkOn } from '../src/sketch/ink.ts';
import { faces } from '../src/pieces/piece.ts';
import { madeUpOn, sketchOf } from '../src/sketch/sketch.ts';
import type { Finding } from '../src/findings/finding.ts';
import { draftSvg } from '../src/formats/svg.ts';
import { measureIds, measureOf } from '../src/measures/catalogue.ts';
import { girthName } from '../src/words/girth-name.ts';
import { formatLength } from '../src/units/format-length.ts';
import { markLine } from '../src/words/mark-words.ts';
import { cutName, pieceName } from '../src/words/names.ts';
import { renderWorking } from '../src/workings/render-working.ts';
import { orderFrom, draftFrom, findingLines, heldBy, heldLines } from './answer.ts';
import { shortCloths } from './short-cloths.ts';
import type { Answer, Flags } from './answer.ts';
import { pieceOfFigure } from '../src/pieces/hand-figure.ts';

export function measuresCommand(): Answer {
  const json = measureIds.map((id) => ({ id, ...measureOf(id), standard: measureOf(id).standard ?? null }));
  return {
    json,
    text: json.map(({ id, names, steps }) => `${id}  ${names.join(', ')}. ${steps.join(' ')}`).join('\n'),
    stopped: false,
  };
}

function figuresText({ pieces, figures }: Draft, order: Order): string {
  return pieces
    .map(({ piece }) => {
      const own = figures.filter(({ id }) => pieceOfFigure(id) === piece.id);
      const lines = own.map(
        ({ label, mm, working }) =>
          `  ${label.padEnd(34)}${formatLength(mm, order.unit).padStart(10)}   ${renderWorking(working, order.unit)}`,
      );
      return [`${pieceName(piece.id)}, ${cutName(piece.cut.layers, piece.cut.copies)}`, ...lines].join('\n');
    })
    .join('\n\n');
}

/** Rounds, seams and findings; without the stops that are told apart. */
function checkText(draft: Draft, order: Order, told: readonly Finding[] = []): string {
  const length = (mm: number) => formatLength(mm, order.unit, { denominator: 16, decimals: 2 });
  const rounds = draft.rounds.map(
    ({ level, face, finished, ease }) =>
      `${girthName({ level, face })}: finished ${length(finished)}, ease ${length(ease)}`,
  );
  const seams = draft.seams.map(
    ({ id, lengthA, lengthB, ok }) =>
      `${ok ? 'true ' : 'NOT TRUE'} ${id}: ${length(lengthA)} to ${length(lengthB)}`,
  );
  const rest = draft.findings.filter((each) => !told.includes(each));
  return [...rounds, ...seams, ...findingLines(rest, order.unit)].join('\n');
}

/** The garment made up on its client, in the colours of the order's cloths. */
function pictureOf(draft: Draft, order: Order): string {
  const sketch = sketchOf(draft, madeUpOn(draft, order.person.values));
  const ink = inkOn(clothColoursOf(order), '#ffffff');
  return sketchSvg(sketch, { ink, heavier: 1 }, { views: faces, person: true });
}

export function draftCommand({ positionals, values }: Flags): Answer {
  const order = orderFrom(positionals[1]);
  const draft = draftFrom(order);
  if (values.out !== undefined) writeFileSync(values.out, draftSvg(draft));
  if (values.picture !== undefined) writeFileSync(values.picture, pictureOf(draft, order));
  return {
    json: draftJson(draft, order.unit),
    text: `${figuresText(draft, order)}\n\n${checkText(draft, order)}`,
    stopped: heldBy(draft.findings, order).length > 0,
  };
}

export function checkCommand({ positionals }: Flags): Answer {
  const order = orderFrom(positionals[1]);
  const drafted = draftFrom(order);
  const draft = { ...drafted, findings: [...drafted.findings, ...shortCloths(order)] };
  const stops = heldBy(draft.findings, order);
  return {
    json: checkJson(draft, order.unit),
    text: [...heldLines(stops, order.unit), checkText(draft, order, stops)].join('\n'),
    stopped: stops.length > 0,
  };
}

export function chalkCommand({ positionals }: Flags): Answer {
  const order = orderFrom(positionals[1]);
  const draft = draftFrom(order);
  const findings = [...draft.findings, ...shortCloths(order)];
  const stops = heldBy(findings, order);
  const told = findings.filter(({ severity }) => severity !== 'note');
  const findingsJson = told.map((each) => findingJson(each, order.unit));
  if (stops.length > 0)
    return {
      json: { marks: [], findings: findingsJson },
      text: heldLines(stops, order.unit).join('\n'),
      stopped: true,
    };
  const marks = chalkAll(draft.pieces, chalkMannerIn(order.startLine, order.rules));
  const json = marks.map((mark) => ({
    piece: mark.piece,
    order: mark.order,
    kind: mark.kind,
    text: markLine(mark, order.unit),
    down: 'down' in mark ? tidy(mark.down) : null,
    out: 'out' in mark ? tidy(mark.out) : null,
    origin: pairOf(mark.origin),
    points: mark.points.map(pairOf),
  }));
  const text = json
    .map(({ piece, order: place, text: line }) => `${pieceName(piece)} ${place}. ${line}`)
    .join('\n');
  return {
    json: { marks: json, findings: findingsJson },
    text: [...findingLines(told, order.unit), text].join('\n'),
    stopped: false,
  };
}
