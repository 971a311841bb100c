import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { amountMl, parseAmount } from './amount.js';
import { formatMoney, parseMoney } from './money.js';
import { printAmount, printVolume } from './print-amount.js';
import { fromMl, toMl, ML_PER_MEASURE, READER_MEASURES, type VolumeMeasure } from './volume.js';

describe('constants', () => {
  // NIST Handbook 44, appendix C: 1 US gallon = 3.785 411 784 L exactly, 128 fluid ounces.
  // UK Units of Measurement Regulations 1995: 1 gallon = 4.546 09 L, 160 oz.
  it('agree with the gallon they divide', () => {
    expect(toMl(128, 'us-oz')).toBeCloseTo(3785.411784, 9);
    expect(toMl(160, 'imperial-oz')).toBeCloseTo(4546.09, 9);
  });

  it('convert there and back for every measure', () => {
    const measures = Object.keys(ML_PER_MEASURE) as VolumeMeasure[];
    fc.assert(
      fc.property(
        fc.constantFrom(...measures),
        fc.double({ min: 0.001, max: 1e4, noNaN: true }),
        (measure, value) => {
          expect(fromMl(toMl(value, measure), measure)).toBeCloseTo(value, 6);
        },
      ),
    );
  });
});

describe('amounts', () => {
  it.each([
    ['22.5 ml', 22.5, 'ml'],
    ['¾ oz', 0.75, 'us-oz'],
    ['1½ bar oz', 1.5, 'bar-oz'],
    ['1 1/2 oz', 1.5, 'us-oz'],
    ['2 dashes', 2, 'dash'],
    ['4,5 cl', 4.5, 'cl'],
    ['1 bar spoon', 1, 'bar-spoon'],
    ['6 leaves', 6, 'leaf'],
    ['2 slices', 2, 'slice'],
  ])('reads %s', (text, value, measure) => {
    expect(parseAmount(text)).toEqual({ value, measure });
  });

  it.each(['', 'ml', '-3 ml', '0 ml', '1/0 oz', 'a lot', '3 gills', '2 2 ml'])('refuses %j', (text) => {
    expect(parseAmount(text)).toBeUndefined();
  });

  // Common practice: ¾ oz is poured as 22.5 ml where jiggers are metric.
  it.each([
    ['ml', '22.5 ml'],
    ['cl', '2.25 cl'],
    ['bar-oz', '¾ oz'],
    ['us-oz', '¾ oz'],
  ] as const)('prints 22.5 ml in %s as %s', (measure, text) => {
    expect(printVolume(22.5, measure, 'en-IE')).toBe(text);
  });

  it('keeps dashes and counted things in their own words', () => {
    expect(printAmount({ value: 2, measure: 'dash' }, 'us-oz', 'en-US')).toBe('2 dashes');
    expect(printAmount({ value: 1, measure: 'whole' }, 'ml', 'en-US')).toBe('1');
    expect(printVolume(22.5, 'ml', 'de-DE')).toBe('22,5 ml');
  });

  it('prints volumes so that they read back within 5 %', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...READER_MEASURES),
        fc.integer({ min: 20, max: 2000 }),
        (measure, tenths) => {
          const ml = tenths / 10;
          const text = printVolume(ml, measure, 'en-IE').replace(
            ' oz',
            measure === 'bar-oz' ? ' bar oz' : ' oz',
          );
          const read = parseAmount(text.replace(/,(?=\d{3})/g, ''));
          expect(read).toBeDefined();
          const back = read === undefined ? 0 : (amountMl(read) ?? 0);
          expect(Math.abs(back - ml) / ml).toBeLessThanOrEqual(0.051);
        },
      ),
    );
  });
});

describe('money', () => {
  it.each([
    ['240', 24000],
    ['€240', 24000],
    ['17.50', 1750],
    ['17,5', 1750],
    ['1,250.00', 125000],
    ['1.250,00 EUR', 125000],
    ['1,50,000', 15000000],
    ['2,50,000.50', 25000050],
  ])('reads %s', (text, minor) => {
    expect(parseMoney(text, 'EUR')).toEqual({ ok: true, minor });
  });

  it('gives a reason for what is not money', () => {
    expect(parseMoney('-5', 'EUR')).toEqual({ ok: false, reason: 'Money cannot be less than nothing.' });
    expect(parseMoney('lots', 'EUR')).toMatchObject({ ok: false });
    expect(parseMoney('', 'EUR')).toMatchObject({ ok: false });
    expect(parseMoney('5.5', 'JPY')).toMatchObject({ ok: false });
    expect(parseMoney('99,999,999', 'EUR')).toEqual({
      ok: false,
      reason: 'That is more money than we can count.',
    });
    expect(parseMoney('1,5,0', 'EUR')).toMatchObject({ ok: false });
  });

  it('reads back what it writes', () => {
    fc.assert(
      fc.property(
        fc.nat(10_000_000),
        fc.constantFrom('en-IE', 'en-US', 'de-DE', 'en-IN'),
        (minor, locale) => {
          expect(parseMoney(formatMoney(minor, 'EUR', locale), 'EUR')).toEqual({ ok: true, minor });
        },
      ),
    );
  });
});
