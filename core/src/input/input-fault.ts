import type { LengthFault } from '../units/parse-length.ts';

export type InputFaultCode =
  | 'malformed-json'
  | 'wrong-format'
  | 'wrong-version'
  | 'wrong-shape'
  | 'not-a-length'
  | 'out-of-range'
  | 'unknown-measure'
  | 'missing-measure'
  | 'unknown-style'
  | 'unknown-part'
  | 'no-join'
  | 'unknown-choice'
  | 'unknown-option'
  | 'unknown-rule'
  | 'unknown-method'
  | 'unknown-figure'
  | 'unknown-sum'
  | 'unknown-argument'
  | 'missing-argument'
  | 'not-yet';

/** Bad input as a value: what is wrong, where (a path such as measures.bust), and what to do. */
export interface InputFault {
  readonly code: InputFaultCode;
  readonly field: string;
  readonly message: string;
}

export type Read<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: InputFault };

export const read = <T>(value: T): Read<T> => ({ ok: true, value });
export const refuse = (
  code: InputFaultCode,
  field: string,
  message: string,
): { readonly ok: false; readonly fault: InputFault } => ({
  ok: false,
  fault: { code, field, message },
});

/** Words for a text that is not a length, with what to write instead. */
export function lengthFaultWords(fault: LengthFault, text: string): string {
  switch (fault) {
    case 'empty':
      return 'is empty; write a length such as 28 1/2 or 72 cm.';
    case 'not-a-length':
      return `"${text.slice(0, 40)}" is not a length; write it as 28 1/2, 28.5 or 72 cm.`;
    case 'zero-denominator':
      return `"${text.slice(0, 40)}" divides by zero; write a fraction such as 1/2.`;
    case 'improper':
      return `"${text.slice(0, 40)}" has a fraction of one or more beside a whole number; write the figure that was meant.`;
    case 'negative':
      return `"${text.slice(0, 40)}" is negative; lengths here are zero or more.`;
  }
}
