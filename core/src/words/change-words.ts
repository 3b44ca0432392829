import { capital } from '../text/capital.ts';
import { isMeasureId, measureOf } from '../measures/catalogue.ts';
import { ruleOf } from '../rules/catalogue.ts';
import { layWays } from '../lay/model/lay.ts';
import { garmentMeasureOf, isGarmentMeasureId } from '../worked-out/sample-garment.ts';
import type { Conditions, ContentChange, LengthPart } from '../shop/compare-contents.ts';
import type { TicketState } from '../shop/ticket.ts';
import { styleOf } from '../styles/style-book.ts';
import { formatLength } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import { foldName, pieceName } from './names.ts';
import { ruleValueWords } from './rule-words.ts';

export interface ChangeWords {
  /** What changed: Waist; Neck depth, front; Outer cloth. */
  readonly what: string;
  readonly before: string;
  readonly after: string;
}

const plainNames = {
  title: 'Title',
  due: 'Due',
  unit: 'Unit',
  remarks: 'Remarks',
  agreed: 'Choices',
} as const;

const stateWords: { readonly [state in TicketState]: string } = {
  open: 'at work',
  aside: 'put aside',
  delivered: 'delivered',
  archived: 'archived',
  deleted: 'thrown away',
};

const conditionNames: { readonly [id in keyof Conditions]: string } = {
  set: 'Set of measures',
  takenOn: 'Measured on',
  takenBy: 'Measured by',
  undergarment: 'Worn under the tape',
  pleats: 'Pleats at the cuff',
  from: 'Lengths from',
  startLine: 'Start line',
  build: 'Build',
  tummy: 'Tummy',
  shoulders: 'Shoulders',
};

const conditionWords: { readonly [value: string]: string } = {
  neckSide: 'neck side',
  midShoulder: 'mid shoulder',
  cut: 'cut edge',
};

const conditionValue = (value: string): string => conditionWords[value] ?? (value || 'not said');

function nameOf(change: Extract<ContentChange, { part: LengthPart }>, styleId: string): string {
  switch (change.part) {
    case 'measure':
      return isMeasureId(change.id) ? capital(measureOf(change.id).names[0] ?? change.id) : change.id;
    case 'garment':
      return isGarmentMeasureId(change.id)
        ? `${garmentMeasureOf(change.id).name}, of the garment`
        : change.id;
    case 'choice':
      return styleOf(styleId)?.choices[change.id]?.label ?? change.id;
    case 'figure': {
      const [piece, name] = change.id.split('/');
      return `${pieceName(piece ?? '')}, ${(name ?? '').replaceAll('-', ' ')}, by hand`;
    }
  }
}

/** Words in place of a length that was not set. */
const unset: { readonly [part in LengthPart]: string } = {
  measure: 'not taken',
  garment: 'not taken',
  choice: 'as usual',
  figure: 'as computed',
};

function lengthChange(change: Extract<ContentChange, { part: LengthPart }>, styleId: string, unit: Unit) {
  const length = (mm: number | undefined) =>
    mm === undefined
      ? unset[change.part]
      : formatLength(mm, unit, { denominator: 16, decimals: 2, style: 'typeset' });
  return { what: nameOf(change, styleId), before: length(change.before), after: length(change.after) };
}

function optionChange({ id, before, after }: Extract<ContentChange, { part: 'option' }>, styleId: string) {
  const choice = styleOf(styleId)?.choices[id];
  const words = (option: string | undefined) =>
    option === undefined
      ? 'as usual'
      : ((choice?.kind === 'option' ? choice.options[option] : undefined) ?? option);
  return { what: choice?.label ?? id, before: words(before), after: words(after) };
}

function layChange({ role, before, after }: Extract<ContentChange, { role: string }>) {
  const [was, is] = [layWords(before), layWords(after)];
  return { what: `${capital(role)} lay`, before: was, after: was === is ? 'laid otherwise' : is };
}

/** A difference between two states of a ticket, in the shop's words and unit. */
export function changeWords(change: ContentChange, styleId: string, unit: Unit): ChangeWords {
  const told = <Value>(what: string, words: (value: Value) => string, before: Value, after: Value) => ({
    what,
    before: words(before),
    after: words(after),
  });
  switch (change.part) {
    case 'measure':
    case 'garment':
    case 'choice':
    case 'figure':
      return lengthChange(change, styleId, unit);
    case 'condition':
      return told(conditionNames[change.id], conditionValue, change.before, change.after);
    case 'rule':
      return told(
        `Rule, ${ruleOf(change.id).label}`,
        (value) => ruleValueWords(change.id, value, unit),
        change.before,
        change.after,
      );
    case 'cloth':
      return told(`${capital(change.role)} cloth`, clothName, change.before, change.after);
    case 'lay':
      return layChange(change);
    case 'option':
      return optionChange(change, styleId);
    case 'sign-off':
      return { what: 'Signed off', before: change.before ?? 'no', after: change.after ?? 'taken back' };
    case 'style':
      return told('Style', (id) => styleOf(id)?.name ?? id, change.before, change.after);
    case 'cut':
      return told('Pieces cut', piecesWords, change.before, change.after);
    case 'state':
      return told(
        'Ticket',
        (state: string) => stateWords[state as TicketState] ?? state,
        change.before,
        change.after,
      );
    case 'title':
    case 'due':
    case 'unit':
    case 'remarks':
    case 'agreed':
      return told(plainNames[change.part], brief, change.before, change.after);
  }
}

/** A cloth's text starts with its name. */
const clothName = (text: string | undefined): string =>
  text?.split(', ')[0] || (text === undefined ? 'none' : 'unnamed');
/** Letters of a longer text that are enough to know it by. */
const BRIEF = 48;

/** A text as far as its first line goes, and no further than can be taken in at a glance. */
function brief(text: string): string {
  const [line = ''] = text.trim().split('\n');
  return (line.length > BRIEF ? `${line.slice(0, BRIEF).trimEnd()}…` : line) || 'none';
}

const piecesWords = (text: string): string => (text ? text.split(', ').map(pieceName).join(', ') : 'none');

/** A lay's text starts with its fold. */
function layWords(text: string | undefined): string {
  const fold = layWays.find((each) => each === text?.split(', ')[0]);
  return fold ? (foldName[fold].split(',')[0] ?? fold) : 'none';
}

/** A step of the history on one line: Waist 28 1/2 in → 29 in, and 2 more. */
export function stepWords(changes: readonly ContentChange[], styleId: string, unit: Unit): string {
  const [change, ...others] = changes;
  if (!change) return 'No change';
  const { what, before, after } = changeWords(change, styleId, unit);
  const more = others.length === 0 ? '' : `, and ${others.length} more`;
  return `${what}: ${before} → ${after}${more}`;
}
