import { Ajv2020 } from 'ajv/dist/2020.js';
import { folds, rotations, type Lay, type Placement } from '../lay/model/lay.ts';
import { read, refuse, type Read } from '../input/input-fault.ts';

/** A lay as its file has it: points as [x, y]. */
type LayFile = Omit<Lay, 'placements'> & {
  readonly placements: readonly (Omit<Placement, 'polygon'> & {
    readonly polygon: readonly (readonly [number, number])[];
  })[];
};

const numbers = { type: 'array', items: { type: 'number' } } as const;
const pair = { ...numbers, minItems: 2, maxItems: 2 } as const;

const laySchema = {
  type: 'object',
  required: ['role', 'length', 'sections', 'placements'],
  properties: {
    role: { type: 'string' },
    length: { type: 'number', exclusiveMinimum: 0 },
    sections: {
      type: 'array',
      items: {
        type: 'object',
        required: ['fold', 'from', 'to', 'foldLines', 'doubled'],
        properties: {
          fold: { enum: folds },
          foldLines: numbers,
          doubled: { type: 'array', items: pair },
        },
      },
    },
    placements: {
      type: 'array',
      items: {
        type: 'object',
        required: ['piece', 'copy', 'polygon', 'rotation', 'mirrored', 'onFold', 'section'],
        properties: {
          piece: { type: 'string' },
          copy: { type: 'integer' },
          polygon: { type: 'array', items: pair, minItems: 3 },
          rotation: { enum: rotations },
          mirrored: { type: 'boolean' },
          onFold: { type: 'boolean' },
          section: { type: 'integer' },
        },
      },
    },
  },
} as const;

const validate = new Ajv2020().compile<LayFile[]>({ type: 'array', items: laySchema });

/** Reads what `bolt lay --json` wrote, or one lay of it. */
export function readLays(file: unknown): Read<Lay[]> {
  const lays: unknown = typeof file === 'object' && file !== null && 'lays' in file ? file.lays : [file];
  if (!validate(lays)) {
    const [error] = validate.errors ?? [];
    return refuse(
      'wrong-shape',
      `lays${error?.instancePath.replaceAll('/', '.') ?? ''}`,
      `This is not a lay: ${error?.message ?? 'wrong shape'}.`,
    );
  }
  return read(
    lays.map((lay) => ({
      ...lay,
      placements: lay.placements.map((placement) => ({
        ...placement,
        polygon: placement.polygon.map(([x, y]) => ({ x, y })),
      })),
    })),
  );
}
