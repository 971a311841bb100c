/** A thing hung from its hook, in a box of 64 by 96 with the hook at (32, 0). */
export interface ToolDrawing {
  /** The outline, filled where the thing is owned. */
  body: string;
  /** Lines drawn over it. */
  lines: string;
}

/** What is drawn for a thing that has no drawing yet. */
export const PLAIN_DRAWING: ToolDrawing = { body: 'M18 24H46V88H18Z', lines: 'M24 34H40' };

/** Our own drawings of tools, by id. */
export const TOOL_DRAWINGS: Record<string, ToolDrawing> = {
  jigger: { body: 'M16 12H48L36 48H28Z M28 50H36L45 88H19Z', lines: 'M20 24H44M23 76H41M28 49H36' },
  'two-tin-shaker': { body: 'M20 40L25 10H39L44 40Z M15 42H49L43 92H21Z', lines: 'M17 50H47M26 14H38' },
  'three-piece-shaker': {
    body: 'M26 26V14Q26 8 32 8Q38 8 38 14V26Z M18 44Q18 32 26 28H38Q46 32 46 44Z M18 46H46L41 92H23Z',
    lines: 'M26 27H38M22 80H42',
  },
  'tin-and-glass-shaker': {
    body: 'M21 42L24 10H40L43 42Z M16 44H48L43 92H21Z',
    lines: 'M25 16H39M28 20L27 36M36 20L37 36M18 52H46',
  },
  'spring-strainer': {
    body: 'M29 6H35V40H29Z M12 56A20 16 0 1 0 52 56A20 16 0 1 0 12 56Z',
    lines:
      'M12 58l3 10 4-7 3 11 4-8 4 11 4-11 4 8 4-11 3 7 4-10M26 50h.1M32 47h.1M38 50h.1M29 55h.1M35 55h.1',
  },
  'fine-strainer': {
    body: 'M30 6H34V44H30Z M12 44H52Q50 66 32 68Q14 66 12 44Z',
    lines: 'M18 48L32 66M26 46L42 62M36 46L48 58M46 48L32 66M38 46L22 62M28 46L16 58',
  },
  'bowl-strainer': {
    body: 'M30 6H34V46H30Z M12 46H52Q48 62 32 63Q16 62 12 46Z',
    lines: 'M20 51h.1M28 51h.1M36 51h.1M44 51h.1M24 56h.1M32 57h.1M40 56h.1',
  },
  'mixing-glass': {
    body: 'M15 30L10 26L18 24H49L46 92H18Z',
    lines: 'M16 42H48M19 52L31 66M31 52L43 66M45 52L33 66M33 52L21 66M20 72L31 84M44 72L33 84',
  },
  'bar-spoon': {
    body: 'M30.5 4H33.5V74H30.5Z M26 74Q32 69 38 74Q40 86 32 92Q24 86 26 74Z',
    lines: 'M29 14l6 4M29 22l6 4M29 30l6 4M29 38l6 4M29 46l6 4',
  },
  muddler: { body: 'M27 8Q32 4 37 8V58L41 64V90H23V64L27 58Z', lines: 'M23 84H41M27 14H37' },
  'citrus-press': {
    body: 'M27 6H31L30 46H25Z M33 6H37L39 46H34Z M14 60A18 16 0 1 0 50 60A18 16 0 1 0 14 60Z',
    lines: 'M18 56H46M26 63h.1M32 65h.1M38 63h.1M29 69h.1M35 69h.1M32 44v6',
  },
  'knife-and-board': {
    body: 'M8 26H38V90H8Z M45 8H52V42H45Z M44 44H53L52 88Q44 74 44 44Z',
    lines: 'M23 34h.1M14 44H32M14 54H28',
  },
  peeler: { body: 'M16 22L22 20L32 44L42 20L48 22L36 52V90H28V52Z', lines: 'M16 20H48M16 16H48M32 4V16' },
  'fine-grater': {
    body: 'M28 6H36V30H28Z M24 32H40V92H24Z',
    lines:
      'M28 40l3 3M34 40l3 3M28 50l3 3M34 50l3 3M28 60l3 3M34 60l3 3M28 70l3 3M34 70l3 3M28 80l3 3M34 80l3 3',
  },
  'channel-knife': {
    body: 'M26 12H38L36 36H28Z M27 38H37L39 70Q38 90 32 92Q26 90 25 70Z',
    lines: 'M32 18V28q4 2 4-4',
  },
  'swizzle-stick': {
    body: 'M30.5 4H33.5V78H30.5Z',
    lines: 'M32 74L18 68M32 74L46 68M32 76L20 88M32 76L44 88M32 78V93',
  },
  'ice-trays': { body: 'M8 34H56V86H8Z', lines: 'M8 51H56M8 68H56M24 34V86M40 34V86' },
  'ice-bucket': { body: 'M12 40H52L47 92H17Z', lines: 'M12 40Q32 4 52 40M16 56H48M26 40L38 22M38 40L28 22' },
  'ice-bag-and-mallet': {
    body: 'M10 40Q26 48 40 40Q44 90 38 92H12Q6 90 10 40Z M40 8H60V26H40Z M48 28H52V84H48Z',
    lines: 'M12 46Q26 52 39 46M18 60h.1M28 66h.1M20 76h.1M32 80h.1',
  },
  blender: {
    body: 'M20 12H44L41 60H23Z M18 62H46L51 92H13Z',
    lines:
      'M18 10H46M44 20Q56 22 52 40Q49 50 42 48M27 52L37 58M37 52L27 58M28 78a4 4 0 1 0 8 0a4 4 0 1 0 -8 0',
  },
  atomiser: {
    body: 'M28 30H36V44H28Z M26 18H42V30H26Z M20 46H44V92H20Z',
    lines: 'M48 22H54M48 18L54 14M48 26L54 30M26 60H38V78H26Z',
  },
  'pour-spouts': {
    body: 'M22 58H42L39 88H25Z M28 56L27 38L38 8H43L36 40V56Z',
    lines: 'M23 66H41M24 74H40M25 82H39',
  },
  'small-bottles': {
    body: 'M16 34H24V44Q31 48 31 56V90H9V56Q9 48 16 44Z M42 46H50V54Q56 58 56 64V90H36V64Q36 58 42 54Z',
    lines: 'M12 62H28V78H12ZM39 70H53V82H39ZM36 14H54L47 28V38M43 28V38',
  },
  'lidded-tubs': { body: 'M10 36H54V44H10Z M13 46H51L47 90H17Z', lines: 'M20 62H44V76H20Z' },
  scale: { body: 'M12 52H52V60H12Z M6 64H58L55 88H9Z', lines: 'M20 70H44V82H20Z M25 76h3M31 76h3M37 76h3' },
  'syrup-kit': {
    body: 'M10 34L6 30L14 28H42L40 90H14Z',
    lines: 'M42 42Q58 42 55 60Q53 72 41 72M18 46H26M18 58H26M18 70H26M18 80H26',
  },
  kettle: {
    body: 'M16 50Q18 38 31 38Q44 38 46 50L50 90H12Z',
    lines: 'M46 56L60 46M19 42Q31 10 44 42M27 37V33H35V37',
  },
  'mat-and-cloths': {
    body: 'M6 66H58V90H6Z M18 10H46V58H18Z',
    lines:
      'M18 18H46M18 50H46M14 74h.1M22 74h.1M30 74h.1M38 74h.1M46 74h.1M18 82h.1M26 82h.1M34 82h.1M42 82h.1M50 82h.1',
  },
  openers: {
    body: 'M12 12H52V20H12Z',
    lines: 'M32 20V36q-7 4 0 8q7 4 0 8q-7 4 0 8q7 4 0 8q-7 4 0 8v10',
  },
  'picks-and-straws': {
    body: 'M17 6H21L25 92H23Z M43 6H47L41 92H39Z',
    lines: 'M32 8V92M28 12a4 4 0 1 0 8 0a4 4 0 1 0 -8 0',
  },
  matches: {
    body: 'M12 46H52V88H12Z',
    lines: 'M12 54H52M22 46V22M32 46V14M42 46V24M22 20v-3M32 12v-3M42 22v-3',
  },
  notebook: { body: 'M14 14H50V90H14Z', lines: 'M22 14V90M28 32H44M28 44H44M28 56H38' },
};

/** Our own drawings of the kitchen's things, by id. */
export const KITCHEN_DRAWINGS: Record<string, ToolDrawing> = {
  'spoon-set': {
    body: 'M20 8H23V56H20Z M14 56H29V72Q21 90 14 72Z M42 8H45V60H42Z M37 60H50V70Q43 82 37 70Z',
    lines: '',
  },
  'medicine-cup': { body: 'M14 34H50L44 86H20Z', lines: 'M20 46H30M21 58H30M22 70H30' },
  'lidded-jar': {
    body: 'M16 14H48V26H16Z M14 28H50Q54 34 54 42V90H10V42Q10 34 14 28Z',
    lines: 'M22 14V26M32 14V26M42 14V26M20 50V78',
  },
  'sports-bottle': { body: 'M26 6H38V18H26Z M20 20H44V30H20Z M18 32H46V90H18Z', lines: 'M18 56Q32 62 46 56' },
  'vacuum-flask': { body: 'M20 8H44V28H20Z M18 30H46V92H18Z', lines: 'M24 38V84M20 18H44' },
  'coffee-press': {
    body: 'M14 32H46V90H14Z',
    lines: 'M30 6V56M18 56H42M26 6H34M12 30H48M46 42Q60 44 58 60Q56 74 46 76',
  },
  'measuring-jug': {
    body: 'M10 32L6 28L14 26H44L42 88H12Z',
    lines: 'M44 40Q58 42 56 56Q54 68 43 70M16 46H24M16 58H24M16 70H24',
  },
  'long-teaspoon': { body: 'M30.5 6H33.5V66H30.5Z M26 66H38V78Q32 94 26 78Z', lines: '' },
  chopstick: { body: 'M28 6H32L30 92H29Z M37 6H41L37 92H36Z', lines: '' },
  'slotted-spoon': {
    body: 'M30 6H34V52H30Z M18 54H46V76Q32 96 18 76Z',
    lines: 'M26 60V80M32 60V84M38 60V80',
  },
  'tea-strainer': {
    body: 'M30 8H34V48H30Z M18 48H46Q44 66 32 68Q20 66 18 48Z',
    lines: 'M24 52L34 66M34 52L42 62M40 52L30 66',
  },
  'kitchen-sieve': {
    body: 'M29 4H35V34H29Z M6 36H58Q54 68 32 70Q10 68 6 36Z',
    lines: 'M14 42L34 68M26 40L46 62M40 40L54 54M50 42L30 68M38 40L18 62M24 40L10 52',
  },
  'rolling-pin': { body: 'M22 20H42V76H22Z M29 6H35V20H29Z M29 76H35V92H29Z', lines: '' },
  'wooden-spoon': { body: 'M29 4H35V60H29Z M22 60H42V78Q32 96 22 78Z', lines: '' },
  reamer: {
    body: 'M26 50H38V90H26Z M18 48Q20 18 32 10Q44 18 46 48Z',
    lines: 'M32 12V46M26 22L24 46M38 22L40 46',
  },
  'kitchen-knife': { body: 'M26 6H36V40H26Z M24 42H40L38 92Q24 78 24 42Z', lines: 'M31 14h.1M31 28h.1' },
  'box-grater': {
    body: 'M20 20H44L52 90H12Z',
    lines: 'M22 20Q32 2 42 20M24 36h4M34 36h4M22 50h4M32 50h4M40 50h4M22 64h4M32 64h4M42 64h4',
  },
  'small-whisk': {
    body: 'M29 4H35V42H29Z',
    lines: 'M30 42Q12 78 32 90Q52 78 34 42M31 42Q24 74 32 90Q40 74 33 42',
  },
  'plant-sprayer': {
    body: 'M18 50H46V92H18Z M26 36H38V50H26Z M20 20H46V34H20Z',
    lines: 'M20 26H10M26 34L18 42',
  },
  'towel-and-pin': { body: 'M8 40H46V86H8Z M50 14H58V78H50Z', lines: 'M8 48H46M8 78H46M54 6V14M54 78V88' },
  'smoothie-maker': {
    body: 'M20 10H44L42 54H22Z M16 56H48V90H16Z',
    lines: 'M20 20H44M28 72a4 4 0 1 0 8 0a4 4 0 1 0 -8 0',
  },
  'small-pan': { body: 'M6 54H44V86H6Z', lines: 'M44 60H62M4 54H46M14 46q3-5 0-10M26 46q3-5 0-10' },
  'supermarket-tray': { body: 'M12 36H52V80H12Z', lines: 'M12 50H52M12 65H52M22 36V80M32 36V80M42 36V80' },
};
