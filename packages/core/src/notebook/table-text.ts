import type { NamedText } from './json-ld.js';
import { fold } from './quantity.js';

/** Headings under which a column of a table is known, folded; the first of a table that fits is taken. */
const HEADINGS = {
  drink: ['recipe', 'id', 'drink id'],
  name: ['name', 'title', 'drink', 'cocktail', 'recipe name', 'nom', 'nombre', 'nome', 'titel'],
  amount: ['amount', 'quantity', 'qty', 'menge', 'quantite', 'cantidad', 'quantita'],
  measure: ['measure', 'unit', 'einheit', 'unite', 'unidad', 'unita'],
  ingredient: ['ingredient', 'kind', 'part', 'zutat', 'ingrediente'],
  list: ['ingredients', 'zutaten', 'ingredientes', 'ingredienti', 'parts'],
  optional: ['optional'],
  method: [
    'method',
    'instructions',
    'directions',
    'preparation',
    'zubereitung',
    'preparacion',
    'preparazione',
  ],
  glass: ['glass', 'glassware', 'glas', 'verre', 'vaso', 'bicchiere'],
  garnish: ['garnish', 'garnitur', 'garniture', 'decoracion', 'guarnizione'],
} as const;
type Column = keyof typeof HEADINGS;

/** Which heading stands for which column. */
function columnsOf(headings: readonly string[]): Partial<Record<Column, string>> {
  const found: Partial<Record<Column, string>> = {};
  for (const column of Object.keys(HEADINGS) as Column[])
    for (const word of HEADINGS[column]) {
      const heading = headings.find((h) => fold(h).trim() === word && !Object.values(found).includes(h));
      if (heading !== undefined && found[column] === undefined) found[column] = heading;
    }
  return found;
}

/** How our own tables say how a drink is made, as a sentence. */
const METHOD_SENTENCE: Record<string, string> = {
  build: 'Build in the glass.',
  stir: 'Stir with ice.',
  shake: 'Shake with ice.',
  'dry-shake': 'Dry shake, then shake with ice.',
  blend: 'Blend with ice.',
  swizzle: 'Swizzle.',
  layer: 'Layer.',
  hot: 'Heat.',
};

/**
 * Recipes of a table, each as a name and a text to be read like any other: one row an ingredient, or one row a drink with its
 * ingredients in one cell.
 *
 * @param rows each by its heading, in their order.
 * @returns undefined where no column names drinks or ingredients.
 * @example recipesOfTable([{ name: 'Daiquiri', amount: '60', measure: 'ml', ingredient: 'white rum' }])
 */
export function recipesOfTable(rows: readonly Readonly<Record<string, string>>[]): NamedText[] | undefined {
  const columns = columnsOf(Object.keys(rows[0] ?? {}));
  if (columns.name === undefined || (columns.ingredient ?? columns.list) === undefined) return undefined;
  const cell = (row: Readonly<Record<string, string>>, column: Column) =>
    (columns[column] === undefined ? '' : (row[columns[column]] ?? '')).trim();
  const drinks = new Map<string, Readonly<Record<string, string>>[]>();
  let last = '';
  for (const row of rows) {
    // A name is often written beside the first of its ingredients only.
    last = cell(row, 'drink') || cell(row, 'name') || last;
    const of = drinks.get(last);
    if (of) of.push(row);
    else drinks.set(last, [row]);
  }
  return [...drinks.values()].map((of) => {
    const first = (column: Column) => of.map((row) => cell(row, column)).find((text) => text !== '') ?? '';
    const lines = of.flatMap((row) =>
      columns.ingredient === undefined
        ? cell(row, 'list')
            .split(/\r?\n|;|\|/)
            .map((l) => l.trim())
            .filter(Boolean)
        : cell(row, 'ingredient') === ''
          ? []
          : [
              `${measured(cell(row, 'amount'), cell(row, 'measure'))} ${cell(row, 'ingredient')}${/^(yes|true|1|x)$/i.test(cell(row, 'optional')) ? ', optional' : ''}`.trim(),
            ],
    );
    const method = first('method');
    const making = [
      METHOD_SENTENCE[method] ?? method,
      ...(first('glass') === '' ? [] : [`Glass: ${first('glass')}`]),
      ...(['', 'none'].includes(first('garnish')) ? [] : [`Garnish: ${first('garnish')}`]),
    ];
    return { name: first('name'), text: [...lines, ...making].join('\n') };
  });
}

/** Our own word for a piece is said by nobody: "1 egg white", not "1 whole egg white". */
const measured = (amount: string, measure: string) =>
  `${amount} ${measure === 'whole' ? '' : measure}`.trim();
