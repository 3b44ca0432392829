/** The usual cautions, shown where hands meet blades, pins and irons; local rules come first. */
export const cautions = {
  chalking: [
    'Keep pins in a cushion, never in the mouth.',
    'Test the chalk on a scrap first; no wax on the right side.',
  ],
  cutting: [
    'Cut away from the hand that holds the cloth; close scissors and blades when you put them down.',
    'Count the pins before the iron. Let it stand on its heel, away from cloth and cord.',
    'Local safety rules come first.',
  ],
} as const;
