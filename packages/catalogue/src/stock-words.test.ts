import { beforeAll, describe, expect, it } from 'vitest';
import { kindIndex, type Kind } from '@uisce/core/catalogue';
import {
  bottleThere,
  StockReader,
  takeStock,
  type Bottle,
  type Standing,
  type StockLine,
} from '@uisce/core/stock';
import { loadCatalogue } from './load.js';

/** A Thursday. */
const TODAY = '2026-11-26';
let kinds: Map<string, Kind>;
beforeAll(() => {
  kinds = kindIndex(loadCatalogue().catalogue.kinds);
});
const STANDING: Standing[] = [
  { id: 'b1', kind: 'dry-gin', label: 'Lighthouse dry gin' },
  { id: 'b2', kind: 'bourbon', label: null },
  { id: 'b3', kind: 'sweet-vermouth', label: 'Harbour red' },
];
const reader = (monthFirst = false) => new StockReader(kinds.values(), { standing: STANDING, monthFirst });

/** A line in short: kind, then what is said of it. */
function short(line: StockLine | undefined): string {
  if (line === undefined) return 'nothing';
  const { left, sizeMl, count, abv, openedOn, boughtOn, wrongDay } = line;
  const level =
    left === undefined
      ? ''
      : 'share' in left
        ? `share ${Number(left.share.toFixed(2))}`
        : 'ml' in left
          ? `left ${left.ml}`
          : 'g' in left
            ? `grams ${left.g}`
            : 'pieces' in left
              ? `pieces ${left.pieces}`
              : `bunches ${left.bunches}`;
  return [
    line.kind ?? `? ${line.near.length > 0 ? 'asked' : 'unknown'}`,
    count === undefined ? '' : `${count} of`,
    sizeMl === undefined ? '' : `size ${sizeMl}`,
    level,
    abv === undefined ? '' : `abv ${abv}`,
    openedOn === undefined ? (line.opened ? 'open' : '') : `opened ${openedOn}`,
    boughtOn === undefined ? '' : `bought ${boughtOn}`,
    wrongDay === undefined ? '' : `wrong ${wrongDay}`,
  ]
    .filter((t) => t !== '')
    .join(', ');
}

// What people type along a shelf; each reading by common sense of whoever types it.
const PHRASES = `
gin two-thirds full = dry-gin, share 0.67
bourbon quarter full = bourbon, share 0.25
triple sec nearly full = triple-sec, share 0.9
campfire = ? unknown
sweet vermouth opened 3/5 = sweet-vermouth, opened 2026-05-03
dry vermouth opened 3/5 half = dry-vermouth, share 0.5, opened 2026-05-03
dry gin 500 ml bottle, 470 ml left = dry-gin, size 500, left 470
dry gin 375ml 50% = dry-gin, size 375, share 0.5
bourbon 57% 2/3 = bourbon, share 0.67, abv 0.57
honey syrup 300 g = honey-syrup, grams 300
dry gin 12 oz = dry-gin, left 355
a bottle and a half of dry gin = dry-gin, 2 of, share 0.5
simple syrup 250ml = simple-syrup, left 250
gin = dry-gin
gin half = dry-gin, share 0.5
six lemons = lemon-juice, pieces 6
a dozen eggs = whole-egg, pieces 12
a dozen limes = lime-juice, pieces 12
half a dozen eggs = whole-egg, pieces 6
two bottles of tonic = tonic-water, 2 of
dry gin ⅔ = dry-gin, share 0.67
dry gin .5 = dry-gin, share 0.5
dry gin ,4 = dry-gin, share 0.4
dry gin 0,4 = dry-gin, share 0.4
sweet vermouth opened yesterday = sweet-vermouth, opened 2026-11-25
sweet vermouth, opened last week = sweet-vermouth, opened 2026-11-19
dry vermouth opened May 3rd = dry-vermouth, opened 2026-05-03
dry vermouth opened 03.05.2026 = dry-vermouth, opened 2026-05-03
dry vermouth open since 3 May = dry-vermouth, opened 2026-05-03
gin empty = dry-gin, share 0
gin finished = dry-gin, share 0
no more gin = dry-gin, share 0
4 eggs = whole-egg, pieces 4
6 limes = lime-juice, pieces 6
a bunch of mint = mint, bunches 1
2 bunches of mint = mint, bunches 2
lime, six = lime-juice, pieces 6
3 oranges = orange-juice, pieces 3
one grapefruit = grapefruit-juice, pieces 1
2½ limes = lime-juice, pieces 2.5
London dry gin 1/2 = dry-gin, share 0.5
Dry Gin 60 % = dry-gin, share 0.6
dry gin 60% full = dry-gin, share 0.6
dry gin full = dry-gin, share 1
dry gin new = dry-gin, share 1
dry gin unopened = dry-gin, share 1
dry gin almost empty = dry-gin, share 0.05
dry gin three quarters = dry-gin, share 0.75
dry gin 3/4 = dry-gin, share 0.75
dry gin ¾ full = dry-gin, share 0.75
dry gin half a bottle = dry-gin, share 0.5
half a bottle of dry gin = dry-gin, share 0.5
a third of the white rum = white-rum, share 0.33
white rum: 1/3 = white-rum, share 0.33
white rum (half) = white-rum, share 0.5
white rum 70cl half = white-rum, size 700, share 0.5
white rum 1 l 0.7 = white-rum, size 1000, share 0.7
white rum 200 ml of 700 ml = white-rum, size 700, left 200
white rum 470/500 ml = white-rum, size 500, left 470
white rum 470 ml left = white-rum, left 470
white rum 470 ml = white-rum, left 470
white rum 700 ml = white-rum, size 700
white rum 750ml, two thirds = white-rum, size 750, share 0.67
white rum 40% vol 1/2 = white-rum, share 0.5, abv 0.4
overproof rum 126 proof half = overproof-rum, share 0.5, abv 0.63
bourbon 57% 60% = bourbon, share 0.6, abv 0.57
bourbon 50.5% abv = bourbon, abv 0.505
bourbon 3 weeks ago = bourbon, opened 2026-11-05
bourbon opened 2 days ago = bourbon, opened 2026-11-24
bourbon opened a month ago half = bourbon, share 0.5, opened 2026-10-27
bourbon opened today = bourbon, opened 2026-11-26
bourbon just opened = bourbon, opened 2026-11-26
bourbon opened 2026-10-01 = bourbon, opened 2026-10-01
bourbon opened 1st of October = bourbon, opened 2026-10-01
bourbon opened on Monday = bourbon, opened 2026-11-23
bourbon opened 12 Dec = bourbon, opened 2025-12-12
bourbon open = bourbon, open
bourbon bought 3 May = bourbon, bought 2026-05-03
limes bought yesterday, 6 = lime-juice, pieces 6, bought 2026-11-25
6 limes yesterday = lime-juice, pieces 6, bought 2026-11-25
bourbon opened 31 Feb = bourbon, open, wrong 31 feb
bourbon opened 45/13 = bourbon, open, wrong 45/13
bourbon opened 2031-01-01 half = bourbon, share 0.5, open, wrong 2031-01-01
tonic 6 x 200ml = tonic-water, 6 of, size 200
a case of 12 cans tonic = tonic-water, 12 of
12 cans of soda water = soda-water, 12 of
3 tins cola = cola, 3 of
ginger beer 4 bottles = ginger-beer, 4 of
2 dry gin = dry-gin, 2 of
tonic water 1.5 l = tonic-water, size 1500
prosecco = sparkling-wine
red bitter aperitif half = red-bitter, share 0.5
lighthouse 1/3 = dry-gin, share 0.33
Lighthouse dry gin 1/3 = dry-gin, share 0.33
harbour red 0.4 = sweet-vermouth, share 0.4
Harbour red opened 12 Nov = sweet-vermouth, opened 2026-11-12
vermouth half = sweet-vermouth, share 0.5
whiskey 2/3 = bourbon, share 0.67
whisky 2/3 = bourbon, share 0.67
rum half = ? asked, share 0.5
bitters = ? asked
aromatic bitters 1/2 = aromatic-bitters, share 0.5
orange liqueur 0,4 l = ? asked, size 400
dry vermuth half = dry-vermouth, share 0.5
maraschino 350 ml bottle half full = maraschino, size 350, share 0.5
absinthe a drop = absinthe, share 0.05
campari-like red bitter 1/2 = ? asked, share 0.5
grenadine about 200 ml = grenadine, left 200
orgeat 6 oz = orgeat, left 177
honey 250g = ? asked, grams 250
lemon juice 80 ml = lemon-juice, left 80
lime juice 50ml yesterday = lime-juice, left 50, bought 2026-11-25
egg whites 2 = egg-white, pieces 2
no lemons = lemon-juice, share 0
olives a jar = olive, 1 of
mint = mint
less than half dry gin = dry-gin, share 0.4
dry gin more than half = dry-gin, share 0.6
dry gin 5/8 = dry-gin, share 0.63
the cognac is halfway = cognac, share 0.5
cognac, 3-star, half = cognac | ? asked, share 0.5
`
  .trim()
  .split('\n')
  .map((line) => line.split(' = ') as [string, string]);

describe('stock-taking in words', () => {
  it.each(PHRASES)('%s', (text, expected) => {
    expect(reader().read(text, TODAY).map(short).join(' | ')).toBe(expected);
  });

  it('a comma inside one thing parts nothing, and one between two does', () => {
    const read = (text: string) => reader().read(text, TODAY).map(short);
    expect(read('dry gin, 2/3, triple sec 0.4, sweet vermouth half, opened 3 May, 6 limes,4 lemons')).toEqual(
      [
        'dry-gin, share 0.67',
        'triple-sec, share 0.4',
        'sweet-vermouth, share 0.5, opened 2026-05-03',
        'lime-juice, pieces 6',
        'lemon-juice, pieces 4',
      ],
    );
    expect(read('6 limes and 2 lemons; mint\ncognac half')).toEqual([
      'lime-juice, pieces 6',
      'lemon-juice, pieces 2',
      'mint',
      'cognac, share 0.5',
    ]);
  });

  it('reads 3/5 as the fifth of March where people write the month first', () => {
    expect(short(reader(true).read('gin opened 3/5', TODAY)[0])).toBe('dry-gin, opened 2026-03-05');
    expect(short(reader(true).read('gin opened 03.05.2026', TODAY)[0])).toBe('dry-gin, opened 2026-05-03');
  });

  it('nothing is silently wrong: whatever has a kind says it surely, and nothing unknown has one', () => {
    for (const [text] of PHRASES)
      for (const line of reader().read(text, TODAY))
        expect(line.kind === undefined ? line.confidence < 0.8 : line.confidence >= 0.8, text).toBe(true);
  });
});

describe('what is written down of it', () => {
  let made = 0;
  const newId = () => `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`;
  const standing = (kind: string, more: Partial<Bottle>): Bottle => ({
    ...bottleThere(newId(), kind),
    ...more,
  });
  const write = (text: string, known: Bottle[] = []) => {
    const [line] = reader().read(text, TODAY);
    const kind = kinds.get(line?.kind ?? '');
    if (line === undefined || kind === undefined) throw new Error(`${text} is not read`);
    return takeStock(line, { kind, known, usualMl: 700, today: TODAY, newId });
  };

  it('an empty bottle is finished, a full one beside it stands as it did', () => {
    const open = standing('dry-gin', { sizeMl: 700, leftMl: 90, openedOn: '2026-10-01' });
    const full = standing('dry-gin', { sizeMl: 700, leftMl: 700 });
    expect(write('gin empty', [full, open])).toEqual([{ ...open, leftMl: 0, finishedOn: TODAY }]);
  });

  it('one that is told to be less than full was opened, today or when it is said, and bought no later; none holds more', () => {
    const gin = standing('dry-gin', { boughtOn: '2026-11-20' });
    expect(write('gin half', [gin])[0]).toMatchObject({
      sizeMl: 700,
      leftMl: 350,
      openedOn: TODAY,
      boughtOn: '2026-11-20',
    });
    expect(write('gin 200 ml left opened 1 Nov', [gin])[0]).toMatchObject({
      leftMl: 200,
      openedOn: '2026-11-01',
      boughtOn: '2026-11-01',
    });
    expect(write('gin full', [gin])[0]).toMatchObject({ leftMl: 700, openedOn: null });
    expect(write('gin open', [gin])[0]).toMatchObject({ leftMl: null, openedOn: TODAY });
    expect(write('gin 500 ml bottle', [{ ...gin, sizeMl: 700, leftMl: 650 }])[0]).toMatchObject({
      sizeMl: 500,
      leftMl: 500,
    });
  });

  it('two bottles are two, the second sealed; a bottle and a half is one full and one half', () => {
    expect(write('two bottles of tonic').map((b) => [b.sizeMl, b.leftMl, b.openedOn])).toEqual([
      [700, 700, null],
      [700, 700, null],
    ]);
    expect(write('a bottle and a half of dry gin').map((b) => [b.leftMl, b.openedOn])).toEqual([
      [350, TODAY],
      [700, null],
    ]);
    expect(write('tonic 6 x 200ml').map((b) => b.sizeMl)).toEqual([200, 200, 200, 200, 200, 200]);
  });

  it('strength is strength, grams are weighed by the kind, more than a bottle holds is a larger bottle', () => {
    expect(write('bourbon 57% 2/3')[0]).toMatchObject({ abv: 0.57, leftMl: 467, sizeMl: 700 });
    // Honey syrup of 3 to 1 weighs about 1.3 g/ml (NBS Circular 440, from memory).
    expect(write('honey syrup 300 g')[0]?.leftMl).toBeGreaterThan(225);
    expect(write('honey syrup 300 g')[0]?.leftMl).toBeLessThan(240);
    expect(
      write('white rum 940 ml left', [standing('white-rum', { sizeMl: 700, leftMl: 700 })])[0],
    ).toMatchObject({
      sizeMl: 940,
      leftMl: 940,
    });
  });

  it('fruit is counted, all of it at once; none left is none', () => {
    const [few, more] = [standing('lime-juice', { pieces: 2 }), standing('lime-juice', { pieces: 3 })];
    expect(write('6 limes', [few, more]).map((b) => [b.pieces, b.finishedOn])).toEqual([
      [6, null],
      [0, TODAY],
    ]);
    expect(write('no limes', [few])[0]).toMatchObject({ pieces: 0, finishedOn: TODAY });
    expect(write('lime juice 50 ml', [few])).toMatchObject([{ pieces: null, leftMl: 50 }]);
    expect(write('a bunch of mint')[0]).toMatchObject({ kind: 'mint', pieces: 60, boughtOn: TODAY });
    expect(write('a dozen eggs')[0]).toMatchObject({ kind: 'whole-egg', pieces: 12 });
  });
});
