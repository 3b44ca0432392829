/** What the tests use of bezier-js, which ships without types. */
declare module 'bezier-js' {
  export class Bezier {
    constructor(coordinates: number[]);
    length(): number;
    get(t: number): { x: number; y: number };
    derivative(t: number): { x: number; y: number };
  }
}
