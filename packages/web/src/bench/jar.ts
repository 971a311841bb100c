/** A jar as an outline, to be drawn at whatever it holds. */
export const JAR: [number, number][] = [
  [0, 38],
  [4, 42],
  [92, 42],
  [104, 33],
  [112, 33],
];
/** As glasses are told apart where outlines are drawn. */
export const JAR_TYPE = { footMm: 3, stem: false, handle: false };
