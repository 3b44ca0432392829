import type { Body } from '../drafting/body.ts';
import { bodiceFrame, type BodiceChoices, type BodiceFrame, usualSize } from '../drafting/bodice/frame.ts';
import { withDefaults, type Choice, type ChoiceValues, type ChosenOf } from '../garment/choice.ts';
import type { Wearer } from '../garment/part.ts';

type WithNeck = { readonly [id: string]: Choice } & { readonly neckWidth: Choice };

/**
 * Fills in what a client did not choose of a bodice with a neckline: defaults, the neck at its base, and what else follows from
 * the body, worked out on the block's frame. `bodice` says what block the choices ask for.
 */
export const fillChoices =
  <Choices extends WithNeck>(
    choices: Choices,
    bodice: (chosen: ChosenOf<Choices>) => BodiceChoices,
    more: (
      chosen: ChosenOf<Choices>,
      frame: BodiceFrame,
      body: Body,
    ) => Partial<ChosenOf<Choices>> = () => ({}),
  ) =>
  (values: ChoiceValues, { body, rules }: Wearer): ChosenOf<Choices> => {
    const filled = withDefaults(choices, values, usualSize(body));
    const { frame } = bodiceFrame(body, bodice(filled), rules);
    const neckWidth = filled.neckWidth || frame.neckPoint.x;
    return { ...filled, neckWidth, ...more(filled, frame, body) };
  };
