import type { Job } from '@uisce/core/catalogue';

/** Colours by name; night is for a dim room: bog ground, nothing white. */
export const DAY = {
  wall: '#F3EFE6',
  panel: '#FBF9F4',
  line: '#D8D0BF',
  ink: '#1C2A2B',
  dim: '#5C6A68',
  bog: '#18272A',
  copper: '#A04F22',
  sea: '#2F7168',
  gorse: '#C99A12',
  heather: '#7B5580',
  slate: '#4A6B80',
  peat: '#4A3A2E',
  rust: '#9E3B2E',
  wood: '#6B5644',
  paper: '#FBF4E4',
  bead: '#A9B8B3',
  tan: '#C8A876',
} as const;

export const NIGHT: Record<keyof typeof DAY, string> = {
  wall: '#18272A',
  panel: '#1F3134',
  line: '#3A4D4F',
  ink: '#E9E4D8',
  dim: '#A9B4AE',
  bog: '#101C1E',
  copper: '#E09A6B',
  sea: '#78BBB0',
  gorse: '#D6B04C',
  heather: '#BC9CC2',
  slate: '#93B2C6',
  peat: '#B39C85',
  rust: '#DB8A7E',
  wood: '#57483B',
  paper: '#D9D0BD',
  bead: '#A9B8B3',
  tan: '#7D6A4C',
};

/** The colour that says a bottle's job; words and shape say it too. */
export const JOB_COLOUR: Record<Job, keyof typeof DAY> = {
  base: 'peat',
  sweet: 'heather',
  aromatic: 'sea',
  bitter: 'rust',
  'home-made': 'gorse',
  long: 'slate',
  fresh: 'sea',
};

/** The job in a word, as printed under a bottle. */
export const JOB_WORD: Record<Job, string> = {
  base: 'base',
  sweet: 'sweet',
  aromatic: 'aromatic',
  bitter: 'bitter',
  'home-made': 'home-made',
  long: 'long',
  fresh: 'fresh',
};
