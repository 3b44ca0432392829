import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import type { Finding } from '../src/findings/finding.ts';
import { draftOrder } from '../src/shop/draft-order.ts';
import type { Draft } from '../src/drafting/draft.ts';
import { findingJson } from '../src/formats/draft-json.ts';
import type { InputFault, Read } from '../src/input/input-fault.ts';
import type { Order } from '../src/shop/order.ts';
import { findingKey, openStops } from '../src/shop/sign-off.ts';
import { readOrderText } from '../src/formats/order/read-order.ts';
import type { Unit } from '../src/units/length.ts';

export const USAGE = `bolt measures | styles | draft ORDER.json [--out F.svg] [--picture F.svg] | check ORDER.json | chalk ORDER.json
bolt sum [NAME key=value … [--unit in|cm]]
bolt lay ORDER.json|PIECES.json [--fold auto|open|half|width|two|four|cross] [--seconds N | --work N] [--seed N] [--out F.svg] [--prove LAY.json]
bolt sum without a name lists the sums and what each asks for. Add --json for one JSON document on standard output.`;

/** Bad input ends the run with exit code 2; everything else that throws is a fault of the program. */
export class BadInput extends Error {
  readonly fault: Omit<InputFault, 'code'> & { code: string };
  constructor(code: string, field: string, message: string) {
    super(message);
    this.fault = { code, field, message };
  }
}

const options = {
  json: { type: 'boolean', default: false },
  help: { type: 'boolean', short: 'h', default: false },
  out: { type: 'string' },
  picture: { type: 'string' },
  fold: { type: 'string', default: 'auto' },
  seconds: { type: 'string' },
  work: { type: 'string' },
  seed: { type: 'string', default: '1' },
  prove: { type: 'string' },
  unit: { type: 'string', default: 'in' },
} as const;

export type Flags = ReturnType<typeof readFlags>;

export function readFlags(args: string[]) {
  try {
    return parseArgs({ args, options, allowPositionals: true });
  } catch (error) {
    throw new BadInput(
      'wrong-usage',
      '',
      `${error instanceof Error ? error.message : 'wrong usage'}\n${USAGE}`,
    );
  }
}

/** What a command gives: a document, the same for people, and whether a stop was found. */
export interface Answer {
  readonly json: unknown;
  readonly text: string;
  readonly stopped: boolean;
}

export function readFile(path: string | undefined, field: string): string {
  if (path === undefined) throw new BadInput('wrong-usage', field, `a file is missing\n${USAGE}`);
  try {
    return readFileSync(path, 'utf8');
  } catch {
    throw new BadInput('no-file', field, `${path} cannot be read.`);
  }
}

/** What was read, or bad input that ends the run. */
export function valueOf<T>(found: Read<T>): T {
  if (!found.ok) throw new BadInput(found.fault.code, found.fault.field, found.fault.message);
  return found.value;
}

export const orderFrom = (path: string | undefined): Order => valueOf(readOrderText(readFile(path, 'file')));

/** The draft of an order; a figure set by hand that it has not is bad input. */
export function draftFrom(order: Order): Draft {
  const draft = draftOrder(order);
  const unknown = draft.findings.find(({ code }) => code === 'figure-unknown')?.where.figure;
  if (unknown !== undefined)
    throw new BadInput(
      'unknown-figure',
      `garments.0.figures.${unknown}`,
      `This draft has no figure ${unknown}; \`bolt draft\` lists them.`,
    );
  return draft;
}

/** Stops of an order that nobody signed off: lay and chalk wait for them. */
export const heldBy = (findings: readonly Finding[], { signedOff }: Pick<Order, 'signedOff'>): Finding[] =>
  openStops(findings, signedOff);

/** Said before anything else where stops hold the work. */
export const heldLines = (stops: readonly Finding[], unit: Unit): string[] =>
  stops.length === 0
    ? []
    : [
        `${stops.length === 1 ? 'One check holds' : `${stops.length} checks hold`} the cut. Mend, or sign off with a reason in the file's signedOff, by the key:`,
        ...stops.flatMap((stop) => [...findingLines([stop], unit), `  key: ${findingKey(stop)}`]),
      ];

export const hasStop = (findings: readonly Finding[]): boolean =>
  findings.some(({ severity }) => severity === 'stop');

export const findingLines = (findings: readonly Finding[], unit: Unit): string[] =>
  findings.map((each) => {
    const { severity, message, remedy } = findingJson(each, unit);
    return `${severity}: ${message} ${remedy}`.trim();
  });
