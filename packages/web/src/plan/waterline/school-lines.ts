/** How each school is drawn: a colour of the theme and a dash of its own, so that colour is never alone. */
export const SCHOOL_LINES: Record<string, { colour: string; dash: number[] }> = {
  'one-of-each': { colour: 'copper', dash: [6, 4] },
  'whites-and-darks': { colour: 'slate', dash: [2, 3] },
  'party-five': { colour: 'heather', dash: [10, 4] },
  'flavour-ten': { colour: 'rust', dash: [6, 3, 2, 3] },
  twelve: { colour: 'gorse', dash: [3, 6] },
  'one-deep': { colour: 'peat', dash: [12, 3, 3, 3] },
  'drink-by-drink': { colour: 'sea', dash: [1, 4] },
};
