/** A printed length: `12 3/8`, `3/8`, `12` or `31.04`. */
const length = /^(\d+) (\d+)\/(\d+)|^(\d+)\/(\d+)|^(\d+(?:\.\d+)?)/;

function readLength(text: string): { value: number; rest: string } {
  const found = length.exec(text);
  if (!found) throw new Error(`no length in front of: ${text}`);
  const [all, whole, top, bottom, part, of, plain] = found;
  const value =
    plain !== undefined ? Number(plain) : Number(whole ?? 0) + Number(top ?? part) / Number(bottom ?? of);
  return { value, rest: text.slice(all.length) };
}

/**
 * A printed sum added up as a person with a pencil would: every length as it is written, words left out. Gives by how much it
 * misses the result that is printed; a line without a result says nothing to miss.
 */
export function addUpPrinted(printed: string): number {
  const [sum = '', result] = printed.split(/ [=≈] /);
  if (result === undefined) return 0;
  let rest = sum.trim();
  const skip = (sign: string): boolean => {
    if (!rest.startsWith(sign)) return false;
    rest = rest.slice(sign.length).trim();
    return true;
  };
  const term = (): number => {
    if (skip('(')) {
      const inside = terms();
      if (!skip(')')) throw new Error(`no end of a bracket in: ${printed}`);
      return inside;
    }
    // Words run up to the length; a hyphen or a comma in them is no sign.
    rest = rest.replace(/^[^\d(]+/, '');
    const { value, rest: after } = readLength(rest);
    rest = after.trim();
    return value;
  };
  const factor = (): number => {
    let value = term();
    for (;;) {
      if (skip('÷')) value /= term();
      else if (skip('×')) value *= term();
      else return value;
    }
  };
  const terms = (): number => {
    let value = skip('−') ? -factor() : factor();
    for (;;) {
      if (skip('+')) value += factor();
      else if (skip('−')) value -= factor();
      else return value;
    }
  };
  const found = terms();
  if (rest !== '') throw new Error(`${rest} is left of: ${printed}`);
  const sign = result.startsWith('−') ? -1 : 1;
  return found - sign * readLength(result.replace(/^−/, '')).value;
}
