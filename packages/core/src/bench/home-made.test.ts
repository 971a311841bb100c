import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { homeMadeSchema, pantrySchema } from '../catalogue/home-made.js';
import { kindSchema } from '../catalogue/kind.js';
import { drinkFigures } from '../drink/figures.js';
import { testKinds, testRecipe } from '../testing/trade.js';
import { scaledBatch } from './batch.js';
import { extendedCitrus, extendedCitrusParts } from './extended-citrus.js';
import { homeLiqueur } from './home-liqueur.js';
import { rescaleSyrup, withHouseSyrup } from './house-syrup.js';
import { brixOfRatio, sugarGPerLOfBrix } from './solution.js';

describe('the house syrup', () => {
  it('sweetens alike from another strength: 15 ml of 1:1 is about 10.4 ml of 2:1', () => {
    const { ml, waterMl } = rescaleSyrup(15, 1, 2);
    expect(ml).toBeCloseTo(10.4, 1);
    expect(waterMl).toBeLessThan(-4);
    expect((ml * sugarGPerLOfBrix(brixOfRatio(2))) / 1000).toBeCloseTo((15 * sugarGPerLOfBrix(50)) / 1000, 9);
  });

  it('comes back where it began, water and all', () => {
    const ratio = fc.double({ min: 0.5, max: 2.5, noNaN: true });
    fc.assert(
      fc.property(fc.double({ min: 1, max: 60, noNaN: true }), ratio, ratio, (ml, from, to) => {
        const there = rescaleSyrup(ml, from, to);
        const back = rescaleSyrup(there.ml, to, from);
        expect(back.ml).toBeCloseTo(ml, 9);
        expect(back.waterMl).toBeCloseTo(-there.waterMl, 9);
      }),
    );
  });

  it('pours the drink in hand: as much alcohol and sugar, in less or more water', () => {
    const kinds = testKinds(
      ['gin', { abv: 0.4 }],
      ['simple-syrup', { supply: 'home-made', strength: '1:1', sugarGPerL: sugarGPerLOfBrix(50) }],
    );
    const written = testRecipe([
      ['gin', '60 ml', 'base'],
      ['simple-syrup', '20 ml', 'sweet'],
    ]);
    const before = drinkFigures(written, kinds);
    expect(withHouseSyrup(written, null, kinds).recipe).toBe(written);
    expect(withHouseSyrup(written, 1, kinds).recipe).toBe(written);
    fc.assert(
      fc.property(fc.double({ min: 1.1, max: 2.5, noNaN: true }), (ratio) => {
        const poured = withHouseSyrup(written, ratio, kinds);
        const after = drinkFigures(poured.recipe, poured.kinds);
        expect(after.sugarG).toBeCloseTo(before.sugarG, 6);
        expect(after.ethanolG).toBeCloseTo(before.ethanolG, 6);
        expect(after.abv).toBeGreaterThan(before.abv);
        const ml = rescaleSyrup(20, 1, ratio).ml;
        expect(after.mixMl).toBeCloseTo(before.mixMl - 20 + ml, 6);
      }),
    );
  });
});

describe('extended citrus', () => {
  const lime = kindSchema.parse({
    id: 'lime-juice',
    name: 'Lime juice',
    job: 'fresh',
    supply: 'fresh',
    acidGPerL: 60,
  });
  const fourLimes = {
    juice: lime,
    peelG: 29,
    juiceG: 110,
    acidToPeel: 1,
    citricToMalic: 25 / 4,
    waterToPeel: 15,
  };

  it('is the trade’s batch of four limes: 25 g citric, 4 g malic, 435 g water, about as sour as fresh', () => {
    const made = extendedCitrus(fourLimes);
    expect(made.citricG).toBeCloseTo(25, 6);
    expect(made.malicG).toBeCloseTo(4, 6);
    expect(made.waterG).toBeCloseTo(435, 6);
    // Fresh lime juice is about 6 % acid by weight (Arnold, Liquid Intelligence, 2014, from memory).
    expect(made.freshAcidity).toBeCloseTo(0.06, 2);
    expect(Math.abs(made.acidity - made.freshAcidity)).toBeLessThan(0.005);
  });

  it('splits the acid as its school says, and loses none of it', () => {
    const share = fc.double({ min: 0.2, max: 30, noNaN: true });
    fc.assert(
      fc.property(share, share, share, (citricToMalic, acidToPeel, waterToPeel) => {
        const p = { ...fourLimes, citricToMalic, acidToPeel, waterToPeel };
        const { citricG, malicG, massG: mass } = extendedCitrus(p);
        expect(citricG / malicG).toBeCloseTo(citricToMalic, 6);
        expect(citricG + malicG).toBeCloseTo(p.peelG * acidToPeel, 6);
        expect(mass).toBeCloseTo(citricG + malicG + p.peelG * waterToPeel + p.juiceG, 6);
      }),
    );
    expect(
      extendedCitrusParts({ ...fourLimes, citricToMalic: Infinity }).map((x) => x.pantry ?? x.kind),
    ).toEqual(['citrus-peel', 'citric-acid', 'water', 'lime-juice']);
  });
});

describe('a home liqueur', () => {
  it('comes to the strength that was asked for, sweeter the weaker it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 68, noNaN: true }),
        fc.double({ min: 0.1, max: 0.35, noNaN: true }),
        (brix, abv) => {
          const made = homeLiqueur(brix, 0.5, abv);
          expect(made.abv).toBeCloseTo(abv, 6);
          expect(made.spiritToSyrup).toBeGreaterThan(0);
          expect(homeLiqueur(brix, 0.5, abv + 0.05).sugarGPerL).toBeLessThan(made.sugarGPerL);
        },
      ),
    );
    expect(() => homeLiqueur(50, 0.4, 0.4)).toThrow(/stronger/);
  });

  it('comes out as strong when it is kept and made from the spirit that it was thought of with', () => {
    const pantry = pantrySchema.array().parse([
      { id: 'white-sugar', name: 'white sugar', sugar: 1 },
      { id: 'water', name: 'water', water: 1 },
      { id: 'neutral-spirit', name: 'neutral spirit 50 %', spiritAbv: 0.5 },
    ]);
    for (const spiritAbv of [0.96, 0.5, 0.4]) {
      const made = homeLiqueur(60, spiritAbv, 0.2);
      const recipe = homeMadeSchema.parse({
        id: 'own',
        makes: 'liqueur',
        effort: 1,
        how: 'Stir and bottle it.',
        keepsDays: 100,
        from: [
          { pantry: 'white-sugar', g: 180 },
          { pantry: 'water', g: 120 },
          { pantry: 'neutral-spirit', g: 300 * made.spiritToSyrup, spiritAbv },
        ],
      });
      expect(scaledBatch(recipe, 1, { pantry }, new Map()).abv, String(spiritAbv)).toBeCloseTo(0.2, 4);
    }
  });

  it('holds at 20 % and 40 °Brix syrup about what bottled liqueurs do', () => {
    // Regulation (EU) 2019/787 asks for at least 100 g of sugar a litre in a liqueur (from memory).
    const { sugarGPerL } = homeLiqueur(60, 0.5, 0.2);
    expect(sugarGPerL).toBeGreaterThan(100);
    expect(sugarGPerL).toBeLessThan(500);
  });
});
