/** Deeper than anything that is kept or asked here, and far above what a stack holds. */
export const MAX_DEPTH = 64;

const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT, QUOTE, BACKSLASH] = [...'[]{}"\\'].map((c) =>
  c.charCodeAt(0),
);

/** Whether JSON is nested deeper than `most`, told from its bytes before anything walks it. */
export function isTooDeep(json: Uint8Array, most = MAX_DEPTH): boolean {
  let depth = 0;
  let isText = false;
  for (let i = 0; i < json.length; i += 1) {
    const byte = json[i];
    if (isText) {
      if (byte === BACKSLASH) i += 1;
      else if (byte === QUOTE) isText = false;
    } else if (byte === QUOTE) isText = true;
    else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
      depth += 1;
      if (depth > most) return true;
    } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth -= 1;
  }
  return false;
}
