import type { ChoiceHandle } from '@ample-bolt/core/styles/choice-handles';

/** Handles with the lengths that a hand just gave them, before the draft that follows has come. */
export const handlesNow = (
  handles: readonly ChoiceHandle[],
  lengths: { readonly [choice: string]: number },
): ChoiceHandle[] => handles.map((handle) => ({ ...handle, mm: lengths[handle.choice] ?? handle.mm }));
