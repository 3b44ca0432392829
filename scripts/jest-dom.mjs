// What every browser has and the DOM of the tests lacks.
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';

Object.assign(globalThis, {
  TextDecoder: globalThis.TextDecoder ?? TextDecoder,
  TextEncoder: globalThis.TextEncoder ?? TextEncoder,
  structuredClone: globalThis.structuredClone ?? ((value) => deserialize(serialize(value))),
});
