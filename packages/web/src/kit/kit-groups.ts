/** Hooks on the wall: the techniques each rail serves, in the order people work. */
export const RAILS: { name: string; techniques: string[] }[] = [
  { name: 'Measure', techniques: ['measure'] },
  { name: 'Shake', techniques: ['shake', 'dry-shake'] },
  { name: 'Stir and layer', techniques: ['stir', 'layer', 'swizzle'] },
  { name: 'Strain', techniques: ['strain', 'fine-strain', 'strain-clear'] },
  { name: 'Press and muddle', techniques: ['juice', 'muddle'] },
  { name: 'Cut, peel and grate', techniques: ['cut', 'zest', 'grate'] },
  { name: 'Ice', techniques: ['ice', 'crush-ice', 'blend'] },
  { name: 'Heat and open', techniques: ['heat', 'open', 'spray', 'flame'] },
  { name: 'Make syrup', techniques: ['syrup'] },
  { name: 'Serve and keep in order', techniques: ['serve', 'keep', 'clean', 'record'] },
];
