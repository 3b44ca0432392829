/** Advice before being measured without the shop. Common practice. */
export const measuringAtHome: readonly string[] = [
  'Ask somebody to hold the tape; alone, it slips. Use a soft tape, not a ruler or a metal one.',
  'Wear what will be worn under the garment, and the shoes that go with it.',
  'Tie a string where you fold when you bend to the side: that is the waist. Lengths start or end there.',
  'The tape is snug and level, never pulled, with one finger under it. Stand as you always stand.',
  'Take each measure twice. When the two differ, take it a third time.',
];
