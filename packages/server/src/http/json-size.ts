/** Deeper than anything that is kept or asked here, and far above what a stack holds. */
const MAX_DEPTH = 64;
/** More values than any problem or price file has. */
const MAX_VALUES = 1_000_000;

const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT, QUOTE, BACKSLASH, COMMA] = [...'[]{}"\\,'].map((c) =>
  c.charCodeAt(0),
);

/**
 * What JSON would ask too much of whoever reads it, told from its bytes before anything does: nested too deep, or more
 * values than `most`. Undefined where it may be read.
 */
export function tooMuch(json: Uint8Array, most = MAX_VALUES): string | undefined {
  let depth = 0;
  let values = 0;
  let isText = false;
  for (let i = 0; i < json.length; i += 1) {
    const byte = json[i];
    if (isText) {
      if (byte === BACKSLASH) i += 1;
      else if (byte === QUOTE) isText = false;
    } else if (byte === QUOTE) isText = true;
    else if (byte === COMMA) values += 1;
    else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
      depth += 1;
      values += 1;
      if (depth > MAX_DEPTH) return `it is nested deeper than ${MAX_DEPTH} levels`;
    } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth -= 1;
    if (values > most) return `it holds more than ${most} values`;
  }
  return undefined;
}
