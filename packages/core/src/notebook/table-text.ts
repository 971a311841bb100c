import { foldText } from '../base/fold.js';
import type { NamedText } from './json-ld.js';
import { LANGUAGES, type Column } from './languages/index.js';

const COLUMNS: readonly Column[] = [
  'drink',
  'name',
  'amount',
  'measure',
  'ingredient',
  'list',
  'optional',
  'method',
  'glass',
  'garnish',
];

/** Which heading stands for which column: the first of a table that a language knows. */
function columnsOf(headings: readonly string[]): Partial<Record<Column, string>> {
  const found: Partial<Record<Column, string>> = {};
  for (const column of COLUMNS)
    for (const word of LANGUAGES.flatMap((l) => l.columns[column] ?? [])) {
      const heading = headings.find((h) => foldText(h).trim() === word && !Object.values(found).includes(h));
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
      ...(first('garnish') === '' ? [] : [`Garnish: ${first('garnish')}`]),
    ];
    return { name: first('name'), text: [...lines, ...making].join('\n') };
  });
}

/** Our own word for a piece is said by nobody: "1 egg white", not "1 whole egg white". */
const measured = (amount: string, measure: string) =>
  `${amount} ${measure === 'whole' ? '' : measure}`.trim();
