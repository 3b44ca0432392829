import type { Draft } from '../drafting/draft.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { madeUpOn, sketchOf, type Sketch } from '../sketch/sketch.ts';
import { bookInput } from '../styles/book-figure.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleOf } from '../styles/style-book.ts';
import { draftOrder } from './draft-order.ts';
import { choiceValuesOf, orderOfTicket, type TicketInputs } from './ticket.ts';

/** A ticket's garment on its client; until she is measured, on the ordinary figure that the book is drawn on. */
function draftedFor(ticket: TicketInputs): { draft: Draft; measures: MeasureValues } | undefined {
  const order = orderOfTicket(ticket);
  if (order) return { draft: draftOrder(order), measures: order.person.values };
  const style = styleOf(ticket.styleId);
  if (!style) return undefined;
  const { person } = bookInput;
  const asked = { ...bookInput, choices: choiceValuesOf(ticket.choices ?? {}), rules: ruleSet(ticket.rules) };
  return { draft: recipeOf(style).draft(asked), measures: person.values };
}

/** The garment of a ticket made up; undefined where its style is not in the book any more. */
export function ticketSketch(ticket: TicketInputs): Sketch | undefined {
  const drafted = draftedFor(ticket);
  return drafted && sketchOf(drafted.draft, madeUpOn(drafted.draft, drafted.measures));
}
