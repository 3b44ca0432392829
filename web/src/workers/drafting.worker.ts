import { chalkLaid } from '@ample-bolt/core/chalk/chalk-piece';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import { draftOrder, type DraftableOrder } from '@ample-bolt/core/shop/draft-order';
import { figureMeasures } from '@ample-bolt/core/sketch/figure-measures';
import { measuresWithParts } from '@ample-bolt/core/parts/part-book';
import type { MeasureValues } from '@ample-bolt/core/measures/measure-set';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { checkKept } from '@ample-bolt/core/lay/proof/check-kept';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { KeptLay } from '@ample-bolt/core/lay/model/kept-lay';
import { laidLays, type LaidLays } from '@ample-bolt/core/shop/laid-lays';
import { layPiecesOn } from '@ample-bolt/core/lay/model/layable';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { openStops } from '@ample-bolt/core/shop/sign-off';
import type { DraftStanding } from '@ample-bolt/core/shop/stations';
import { chalkMannerOf, orderOfTicket, type Ticket, type TicketInputs } from '@ample-bolt/core/shop/ticket';
import type { ChoiceValues } from '@ample-bolt/core/garment/choice';
import { madeUpOn, sketchOf, type Sketch } from '@ample-bolt/core/sketch/sketch';
import { choiceHandles, type ChoiceHandle } from '@ample-bolt/core/styles/choice-handles';
import { bookInput } from '@ample-bolt/core/styles/book-figure';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { expose } from 'comlink';

/** All that follows from a ticket's inputs. */
export interface DraftedTicket {
  readonly draft: Draft;
  readonly marks: readonly Mark[];
  /** What the choices come to, defaults filled in, mm. */
  readonly chosen: ChoiceValues;
  /** The garment made up on the client, and the places of it that set a choice. */
  readonly sketch: Sketch;
  readonly handles: readonly ChoiceHandle[];
  readonly standing: DraftStanding;
  /** The chosen lays, with the outlines of today's pieces. */
  readonly laid: LaidLays;
  /** Cloths whose lay no longer proves against today's pieces. */
  readonly staleLays: readonly ClothRole[];
}

/** A ticket's inputs, what was signed off, and the lays that were chosen for them. */
export type TicketToDraft = TicketInputs & Pick<Ticket, 'lays' | 'signedOff'>;

/** A lay is stale when it no longer proves against today's pieces and cloth. */
function isStale(lay: KeptLay, cloths: readonly Cloth[], draft: Draft, laid: LaidLays): boolean {
  const cloth = cloths.find(({ role }) => role === lay.role);
  return !cloth || checkKept(lay, layPiecesOn(cloth, draft.pieces, { cloths, lays: laid }), cloth).length > 0;
}

/**
 * Takes JSON, because the page compares inputs as JSON too. `frozen` holds the pieces under the chalk, which then stand
 * for a new draft. Undefined while a required measure is missing.
 */
function draftTicket(inputs: string, frozen?: Draft): DraftedTicket | undefined {
  const ticket = JSON.parse(inputs) as TicketToDraft;
  const order = orderOfTicket(ticket);
  if (!order) return undefined;
  const draft = frozen ?? draftOrder(order);
  const chosen = recipeOf(order.style).chosen(order);
  const garment = madeUpOn(draft, order.person.values);
  const laid = laidLays(ticket, draft.pieces);
  const staleLays = Object.values(ticket.lays)
    .filter((lay) => isStale(lay, ticket.cloths, draft, laid))
    .map(({ role }) => role);
  return {
    draft,
    marks: chalkLaid(draft.pieces, chalkMannerOf(ticket), Object.values(laid), ticket.cloths),
    laid,
    chosen,
    sketch: sketchOf(draft, garment),
    handles: choiceHandles(order.style, draft, garment, chosen),
    standing: {
      stopped: openStops(draft.findings, ticket.signedOff).length > 0,
      layStale: staleLays.length > 0,
    },
    staleLays,
  };
}

/** A style of the book made up on an ordinary figure, with what a house chooses with it. */
function drawStyle(styleId: string, choices: ChoiceValues = {}): Sketch | undefined {
  const style = styleOf(styleId);
  if (!style) return undefined;
  const draft = recipeOf(style).draft({ ...bookInput, choices });
  return sketchOf(draft, madeUpOn(draft, bookInput.person.values));
}

/** Likely measures for those that a part asks for and nobody took yet: good enough for a picture of it. */
function withLikely(order: DraftableOrder): DraftableOrder {
  const { person, style, choices } = order;
  const likely: MeasureValues = figureMeasures(person.values);
  const needed = measuresWithParts(style, choices).requires.filter((id) => person.values[id] === undefined);
  const filled = Object.fromEntries(needed.map((id) => [id, likely[id]] as const));
  return { ...order, person: { ...person, values: { ...filled, ...person.values } } };
}

/** A ticket's garment made up with one choice made otherwise; undefined while a measure of the style itself is missing. */
function drawOption(inputs: string, choice: string, option: string): Sketch | undefined {
  const ticket = JSON.parse(inputs) as TicketToDraft;
  const order = orderOfTicket({
    ...ticket,
    choices: { ...ticket.choices, [choice]: { option, typed: option } },
  });
  if (!order) return undefined;
  const asked = withLikely(order);
  const draft = draftOrder(asked);
  return sketchOf(draft, madeUpOn(draft, asked.person.values));
}

const api = { draftTicket, drawStyle, drawOption };
export type DraftingApi = typeof api;
expose(api);
