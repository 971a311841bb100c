import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { isRead } from './garnish.js';
import { garnishesSchema, readGarnish } from './read-garnish.js';

const said = (text: string) =>
  readGarnish(text).map((g) => (isRead(g) ? `${g.count} ${g.kind} ${g.form} ${g.where}` : g.words));

describe('a garnish as people write it', () => {
  // What each word asks for: common practice.
  it.each([
    ['lemon twist', ['1 lemon-whole twist in']],
    ['flamed orange twist', ['1 orange-slice flame on']],
    ['orange slice, cherry', ['1 orange-slice half-wheel rim', '1 cocktail-cherry cherry pick']],
    ['salt rim and lime wheel', ['1 salt crust rim', '1 lime-whole wheel rim']],
    ['three coffee beans on the foam', ['3 coffee-beans bean on']],
    ['Raspberries', ['3 raspberry berry in']],
    ['half a passion fruit', ['1 passion-fruit-whole shell on']],
    ['smoked hay', ['smoked hay']],
    ['lemon twist or a puff of smoke', ['lemon twist or a puff of smoke']],
    ['none', []],
    ['', []],
  ])('%s', (text, expected) => {
    expect(said(text)).toEqual(expected);
  });

  it('may do as well as another', () => {
    expect(readGarnish('lemon twist or olive')).toMatchObject([
      { kind: 'lemon-whole', form: 'twist', or: [{ kind: 'olive', form: 'olive' }] },
    ]);
  });

  it('is kept whatever somebody wrote, and read again as the same', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        const read = garnishesSchema.parse(text);
        expect(garnishesSchema.parse(read)).toEqual(read);
      }),
    );
  });
});
