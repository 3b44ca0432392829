import type { ChoiceValues } from '../garment/choice.ts';
import type { Style } from '../styles/style.ts';

/** Anything that the page lets a client choose, from one end of each range to the other. */
export function anyChoices({ choices }: Style, random: () => number): ChoiceValues {
  const pick = <T>(values: readonly T[]): T | undefined => values[Math.floor(random() * values.length)];
  return Object.fromEntries(
    Object.entries(choices)
      .filter(() => random() > 0.4)
      .map(([id, choice]) => [
        id,
        choice.kind === 'length'
          ? choice.least + random() * (choice.most - choice.least)
          : (pick(Object.keys(choice.options)) ?? choice.usual),
      ]),
  );
}
