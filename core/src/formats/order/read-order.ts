import { readParts } from './read-parts.ts';
import type { ChoiceValues } from '../../garment/choice.ts';
import { measuresWithParts } from '../../parts/part-book.ts';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { usualObservations, type MeasureValues } from '../../measures/measure-set.ts';
import { readMeasures } from '../../measures/read-measure.ts';
import { measureOf } from '../../measures/catalogue.ts';
import type { Style } from '../../styles/style.ts';
import { inches } from '../../units/length.ts';
import { checkFile, parseFile } from '../check-file.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { readLength } from '../../input/read-length.ts';
import type { OrderFile } from './order-file.ts';
import type { Order } from '../../shop/order.ts';
import { orderSchema } from './order-schema.ts';
import { readCorrections } from './read-corrections.ts';
import { readCloths } from './read-cloths.ts';
import { readChoices } from './read-choices.ts';
import { readFigures } from './read-figures.ts';
import { readRules } from './read-rules.ts';

const validate = new Ajv2020({ allErrors: false, allowUnionTypes: true, verbose: true }).compile<OrderFile>(
  orderSchema,
);

const HEEL_BOUNDS = { least: 0, most: inches(9) };

/** A garment of a style with the parts that were chosen for it needs what all of them need. */
function missingMeasure(style: Style, choices: ChoiceValues, values: MeasureValues): Read<MeasureValues> {
  const { requires } = measuresWithParts(style, choices);
  const missing = requires.find((id) => values[id] === undefined);
  if (!missing) return read(values);
  return refuse(
    'missing-measure',
    `measures.${missing}`,
    `${measureOf(missing).names[0]} is missing; ${style.name.toLowerCase()} needs it. ${measureOf(missing).steps.join(' ')}`,
  );
}

/** Reads a parsed order file: shape, names, lengths and required measures, in that order. */
export function readOrder(file: unknown): Read<Order> {
  const head = checkFile(file, 'ample-bolt/order', validate);
  if (!head.ok) return head;
  const order = head.value;
  const { unit } = order;
  const [garment, second] = order.garments;
  if (!garment || second)
    return refuse('not-yet', 'garments', 'An order holds one garment for now; write one file for each.');
  const composed = readParts(garment, 'garments.0');
  if (!composed.ok) return composed;
  const { style, choices } = composed.value;
  const values = readMeasures(order.measures, unit);
  if (!values.ok) return values;
  const heel = readLength(
    order.measured?.heelHeight ?? 0,
    unit,
    'measured.heelHeight',
    'Heel height',
    HEEL_BOUNDS,
  );
  if (!heel.ok) return heel;
  const chosen = readChoices(style, { ...garment, choices }, unit, 'garments.0.choices');
  if (!chosen.ok) return chosen;
  const complete = missingMeasure(style, chosen.value.choices, values.value);
  if (!complete.ok) return complete;
  const rules = readRules(order.rules, unit);
  if (!rules.ok) return rules;
  const figures = readFigures(garment.figures, unit, 'garments.0.figures', rules.value);
  if (!figures.ok) return figures;
  const cloths = readCloths(order.cloths ?? [], unit);
  if (!cloths.ok) return cloths;
  const corrections = readCorrections(order.corrections ?? [], unit);
  if (!corrections.ok) return corrections;
  return read({
    unit,
    client: { name: order.client?.name ?? '', kind: order.client?.kind ?? 'adult' },
    startLine: order.measured?.startLine ?? 'stitch',
    person: {
      kind: order.client?.kind ?? 'adult',
      from: order.measured?.from ?? 'neckSide',
      observations: { ...usualObservations, ...order.observations },
      values: complete.value,
    },
    style,
    ...chosen.value,
    rules: rules.value,
    cloths: cloths.value,
    figures: figures.value,
    corrections: corrections.value,
    signedOff: Object.fromEntries(Object.entries(order.signedOff ?? {}).map(([key, why]) => [key, { why }])),
  });
}

/** Reads the text of an order file. */
export function readOrderText(text: string): Read<Order> {
  const file = parseFile(text);
  return file.ok ? readOrder(file.value) : file;
}
