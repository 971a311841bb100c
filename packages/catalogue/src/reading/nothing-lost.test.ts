import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { KindMatcher, plainText, readText, SURE, withLine } from '@uisce/core/notebook';
import { loadCatalogue } from '../load.js';

const { catalogue } = loadCatalogue();
const matcher = new KindMatcher(catalogue.kinds);
const read = (text: string) => readText(text, matcher, 'us-oz');
const first = (text: string) => read(text).recipes[0] ?? expect.fail(`nothing was read of ${text}`);
const partsOf = (text: string) => first(text).lines.map((l) => l.kind ?? `? ${l.says}`);

/** Texts in the styles one meets, made up for this: each with what is to be read of it, its parts by kind. */
const STYLES: readonly [
  style: string,
  text: string,
  name: string | undefined,
  parts: string,
  garnish: string,
][] = [
  [
    'a part without an amount',
    'Quay cooler\n50 ml dry gin\ntonic water\nlime wedge, to garnish',
    'Quay cooler',
    'dry-gin tonic-water',
    'lime wedge',
  ],
  [
    'bubbles by name alone',
    'Mistake\n30 ml red bitter\n30 ml sweet vermouth\nprosecco\nOrange slice, to garnish\n\nBuild over ice.',
    'Mistake',
    'red-bitter sweet-vermouth sparkling-wine',
    'Orange slice',
  ],
  [
    'headings with what they say',
    'Glass: Coupe\nGarnish: lime wheel\nMethod: Shake and fine strain\nRecipe:\n60 ml white rum\n30ml lime juice\n20ml simple syrup',
    undefined,
    'white-rum lime-juice simple-syrup',
    'lime wheel',
  ],
  [
    'a table between bars',
    '### Last Tide\n| Ingredient | Amount |\n|---|---|\n| Gin | 3/4 oz |\n| Maraschino | 3/4 oz |\n| Lime juice | 3/4 oz |\n\nShake, strain into a coupe.',
    'Last Tide',
    'gin maraschino lime-juice',
    '',
  ],
  [
    'a table between semicolons',
    'Tide\nIngredient;Amount;Unit\nGin;50;ml\nDry vermouth;10;ml\nStir and strain.',
    'Tide',
    'gin dry-vermouth',
    '',
  ],
  [
    'a page',
    '<h2>Harbour</h2><ul><li>2 oz tequila blanco</li><li>1 oz lime juice</li><li>1 oz triple sec</li></ul><p>Shake &amp; strain.</p>',
    'Harbour',
    'blanco-tequila lime-juice triple-sec',
    '',
  ],
  [
    'pictures',
    '🍸 Gull 🍸\n🥃 2 oz white rum\n🍋 1 oz lime juice\n🍯 3/4 oz simple syrup',
    'Gull',
    'white-rum lime-juice simple-syrup',
    '',
  ],
  [
    'the amount behind',
    'Gin (60 ml), lemon juice (30 ml), simple syrup (15 ml)',
    undefined,
    'gin lemon-juice simple-syrup',
    '',
  ],
  [
    'equal parts',
    'Four ropes\nequal parts gin, quinquina, triple sec and lemon juice\nabsinthe rinse',
    'Four ropes',
    'gin quinquina triple-sec lemon-juice absinthe',
    '',
  ],
  [
    'marks and what may be left out',
    'Slip mint\n- juice of 1 lime\n- 6-8 mint leaves\n- 2 oz white rum\n- club soda\n- OPTIONAL: a dash of bitters',
    'Slip mint',
    'lime-juice mint white-rum soda-water aromatic-bitters',
    '',
  ],
  [
    'a few dashes, and adverts',
    'Pier sour\nServes: 1\nPrep time: 5 minutes\n60 ml bourbon\n30 ml lemon juice\n15 ml sugar syrup\na few dashes of bitters',
    'Pier sour',
    'bourbon lemon-juice simple-syrup aromatic-bitters',
    '',
  ],
  [
    'a little of it, in another language',
    'Onda\n3 parti prosecco\n2 parti bitter orange aperitif\nun goccio di soda',
    'Onda',
    'sparkling-wine orange-bitter-aperitif soda-water',
    '',
  ],
  [
    'the name below',
    'Ingredients\n50ml vodka\n25ml coffee liqueur\n25ml espresso\nNight ferry',
    'Night ferry',
    'vodka coffee-liqueur espresso',
    '',
  ],
  [
    'the making above',
    'Method: Shake hard with ice and strain.\nSaltings\n2 oz tequila\n.5 oz lime juice\ngrapefruit soda\npinch of salt',
    'Saltings',
    'tequila lime-juice grapefruit-soda salt',
    '',
  ],
  [
    'a number in the name',
    'Reviver #2\n1 oz gin\n1 oz lemon juice\n1 oz triple sec',
    'Reviver #2',
    'gin lemon-juice triple-sec',
    '',
  ],
];

describe('texts in the styles one meets', () => {
  it.each(STYLES)('%s', (_, text, name, parts, garnish) => {
    const one = first(text);
    expect(one.name).toBe(name);
    expect(partsOf(text)).toEqual(parts.split(' '));
    expect(one.garnish).toBe(garnish);
    expect(one.lines.filter((l) => l.confidence < SURE)).toEqual([]);
  });

  it('two numbered ones are two, and their numbers no part of their names', () => {
    const both = read(
      '1. Windward\n2 oz rum\n1 oz lime juice\n2. Leeward\n1 oz gin\n1 oz red bitter\n1 oz sweet vermouth',
    );
    expect(both.recipes.map((r) => [r.name, r.lines.length])).toEqual([
      ['Windward', 2],
      ['Leeward', 3],
    ]);
  });
});

describe('nothing is lost without a word', () => {
  const texts = [
    ...readFileSync(new URL('../../src/reading/texts.txt', import.meta.url), 'utf8')
      .split(/^=====$/m)
      .map((t) =>
        t
          .trim()
          .split('\n')
          .filter((l) => !l.startsWith('> '))
          .join('\n'),
      ),
    ...STYLES.map(([, text]) => text),
    'My grandmother sailed.\nShe did.\n\nGannet\n2 oz gin\n1 oz lime juice\nShake.\n\nSign up for our letters',
    'Nothing here is a drink.\nNot this either',
  ];
  const letters = (text: string) => text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '');

  it.each(texts.map((t) => [t.split('\n')[0] ?? '', t]))('%s', (_, text) => {
    const { recipes, aside } = read(text);
    const kept = letters(
      [
        ...recipes.flatMap((r) => [r.name ?? '', r.says, r.garnish, ...r.lines.map((l) => l.text)]),
        ...aside,
      ].join(' '),
    );
    const lines = plainText(text)
      .split('\n')
      // Headings say what is below them; a glass and a garnish stand there by what they are.
      .filter(
        (l) =>
          !/^(?:ingredients?|zutaten|ingredientes|ingredienti|method|recipe|glass|garnish|zubereitung|glas|verre|vaso|copa|bicchiere|garnitur|preparation|directions)/i.test(
            l.trim().replace(/^[#*\s]+/, ''),
          ),
      );
    for (const line of lines)
      for (const word of line
        .split(/[^\p{L}\p{N}]+/u)
        .filter((w) => w.length > 4 && !/^garnish|^garni|^guarni|^decor/i.test(w)))
        expect(kept, `“${word}” of “${line}”`).toContain(letters(word));
  });

  it('what belongs to none is set aside, and is a part once somebody says so; a part may be none', () => {
    const text = 'Gannet\n2 oz gin\n1 oz lime juice\nShake.\n\nServes: 2';
    expect(read(text).aside).toEqual(['Serves: 2']);
    const told = readText(
      'My rope\nGannet\n2 oz gin\n1 oz lime juice',
      matcher,
      'us-oz',
      undefined,
      new Map([
        ['1 oz lime juice', 'aside'],
        ['My rope', 'aside'],
      ]),
    );
    expect(told.aside).toEqual(['My rope', '1 oz lime juice']);
    expect(told.recipes.map((r) => [r.name, r.lines.map((l) => l.kind)])).toEqual([['Gannet', ['gin']]]);
    const part = readText(
      'Gannet\n2 oz gin\nwhatever is there',
      matcher,
      'us-oz',
      undefined,
      new Map([['whatever is there', 'measured']]),
    );
    expect(part.recipes[0]?.lines.at(-1)).toMatchObject({ kind: undefined, notes: ['no-amount', 'unknown'] });
  });

  it('a line of a table is changed in the text that is read of it', () => {
    const text = plainText('<ul><li>Gin (60 ml)</li><li>Lemon juice (30 ml)</li></ul>');
    const { recipes } = read(text);
    expect(read(withLine(text, recipes, 0, 0, '50 ml gin')).recipes[0]?.lines.map((l) => l.ml)).toEqual([
      50, 30,
    ]);
  });
});

describe('words that stumbled', () => {
  it('the catalogue’s own names read back with certainty, ratio and all', () => {
    const otherwise = catalogue.kinds.filter((k) => {
      const [best] = matcher.match(k.name);
      return best?.kind !== k.id || best.confidence < SURE;
    });
    expect(otherwise.map((k) => k.name)).toEqual([]);
  });

  // Usual names (common practice, from memory).
  it.each([
    ['armagnac', 'grape-brandy'],
    ['demerara rum', 'dark-rum'],
    ['fresh ginger', 'ginger-root'],
    ['jalapeño', 'chilli'],
    ['OJ', 'orange-juice'],
    ['Simple syrup 1:1', 'simple-syrup'],
    ['cinnamon stick', 'cinnamon-stick'],
    ['oloroso', 'oloroso-sherry'],
    ['prosecco', 'sparkling-wine'],
    ['calvados', 'apple-brandy'],
  ])('%s is %s', (word, kind) => {
    expect(matcher.match(word)[0]).toEqual({ kind, confidence: 1 });
  });

  it('what it may be of several is asked, and what it is unlikely to be is not offered', () => {
    for (const word of ['crème de cacao', 'apple cider', 'medium-dry sherry', 'oat milk'])
      expect(matcher.match(word)[0]?.confidence ?? 0, word).toBeLessThan(SURE);
    expect(
      matcher
        .match('crème de cacao')
        .map((m) => m.kind)
        .sort(),
    ).toEqual(['dark-cacao', 'white-cacao']);
    for (const word of ['thyme', 'kombucha', 'marsala']) expect(matcher.match(word), word).toEqual([]);
  });

  it('sugar by the spoon is sugar, by the glass it is asked; honey is no syrup', () => {
    const [sugar, syrup, honey] = first(
      'X\n2 oz gin\n2 teaspoons sugar\n20 ml sugar\n1 tbsp honey',
    ).lines.slice(1);
    expect([sugar?.kind, sugar?.confidence]).toEqual(['sugar', 1]);
    expect([syrup?.kind, (syrup?.confidence ?? 1) < SURE]).toEqual(['simple-syrup', true]);
    expect(honey?.confidence).toBeLessThan(SURE);
  });
});
