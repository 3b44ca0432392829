/** What has its place on a cloth, as files have it: lengths are written as each file writes its own. */
export const placeSchemas = <Length extends object>(length: Length) => {
  const sides = { from: length, to: length, left: length, right: length };
  const required = ['from', 'to', 'left', 'right'] as const;
  return {
    flaws: {
      type: 'array',
      maxItems: 40,
      items: { type: 'object', required, additionalProperties: false, properties: sides },
    },
    panels: {
      type: 'array',
      maxItems: 12,
      items: {
        type: 'object',
        required: [...required, 'piece'],
        additionalProperties: false,
        properties: { ...sides, piece: { type: 'string', minLength: 1, maxLength: 80 } },
      },
    },
    outline: {
      type: 'array',
      minItems: 3,
      maxItems: 60,
      items: {
        type: 'object',
        required: ['along', 'across'],
        additionalProperties: false,
        properties: { along: length, across: length },
      },
    },
  } as const;
};
