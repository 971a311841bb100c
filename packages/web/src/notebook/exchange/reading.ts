import { readCsv } from '@uisce/core/table';
import { kindIndex, type Catalogue, type Kind, type Recipe } from '@uisce/core/catalogue';
import {
  IncomingDrinks,
  KindMatcher,
  notebookFileSchema,
  readNamed,
  readRecipes,
  recipeFrom,
  recipesOfJsonLd,
  recipesOfTable,
  SURE,
  type NotebookFile,
  type Ounce,
  type OwnDrink,
  type ReadRecipe,
  type IncomingStanding,
} from '@uisce/core/notebook';

/** What there is to read, and what it is held against. */
export interface ToRead {
  name: string;
  text: string;
  ounce: Ounce;
  /** Shipped drinks as printed, and kinds with the household's own. */
  catalogue: Pick<Catalogue, 'recipes' | 'kinds'>;
  own: OwnDrink[];
}

/** A drink that comes in. */
export interface FoundDrink {
  name: string;
  recipe: Recipe | undefined;
  standing: IncomingStanding | undefined;
  /** Words of its lines that are not known, or not surely. */
  open: string[];
}

/** What words of the text were not understood, how often they stand there, and what they may mean. */
interface OpenWords {
  says: string;
  times: number;
  near: string[];
}

export type Found =
  | { is: 'drinks'; drinks: FoundDrink[]; open: OpenWords[]; hasOunces: boolean }
  | { is: 'notebook'; file: NotebookFile }
  | { is: 'nothing'; why: string };

const FIRST_OF_JSON = /^\s*[[{]/;

/** Our own file, whole; undefined where a text is none; words where it is one and does not hold. */
function ourFile(text: string): Found | undefined {
  if (!FIRST_OF_JSON.test(text)) return undefined;
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { is: 'nothing', why: 'It begins like JSON and is cut off or damaged.' };
  }
  if (typeof json !== 'object' || json === null || !('format' in json)) return undefined;
  const read = notebookFileSchema.safeParse(json);
  if (read.success) return { is: 'notebook', file: read.data };
  const [issue] = read.error.issues;
  const where = issue && issue.path.length > 0 ? ` at ${issue.path.join('/')}` : '';
  return { is: 'nothing', why: `It is no notebook that can be read: ${issue?.message ?? ''}${where}.` };
}

/** The rows of a table by their headings, where a text is one. */
function rowsOf(name: string, text: string): Record<string, string>[] | undefined {
  const [first = ''] = text.split('\n', 1);
  if (!/\.(csv|tsv)$/i.test(name) && (first.match(/[,;\t]/g) ?? []).length < 2) return undefined;
  const { rows, columns } = readCsv(text);
  return columns.length > 1 ? rows : undefined;
}

/** Reads a file of recipes whatever its format, and says how each stands to what is there. */
export class FileReader {
  private reads: ReadRecipe[] = [];
  private readonly kinds: ReadonlyMap<string, Kind>;

  constructor(private readonly ask: ToRead) {
    this.kinds = kindIndex(ask.catalogue.kinds);
  }

  /** @param tell is told how far it is, 0 to 1. */
  read(tell: (share: number) => void): Found {
    const { text, name, ounce, catalogue } = this.ask;
    const ours = ourFile(text);
    if (ours) return ours;
    const rows = rowsOf(name, text);
    const matcher = new KindMatcher(catalogue.kinds);
    const linked = recipesOfJsonLd(text);
    const named = linked.length > 0 ? linked : rows && recipesOfTable(rows);
    if (named === undefined && FIRST_OF_JSON.test(text))
      return { is: 'nothing', why: 'There are no recipes in this JSON.' };
    this.reads =
      named === undefined
        ? readRecipes(text, matcher, ounce, (share) => tell(share * READING))
        : named.flatMap((one, i) => {
            if (i % TELL_EVERY === 0) tell((READING * i) / named.length);
            return readNamed(one, matcher, ounce) ?? [];
          });
    if (this.reads.length === 0) return { is: 'nothing', why: 'No line of it measures anything.' };
    return this.settle({}, tell);
  }

  /**
   * The drinks, once some words were said to be kinds.
   *
   * @param said kinds by the words of a line; null leaves a part out.
   */
  settle(said: Readonly<Record<string, string>>, tell: (share: number) => void): Found {
    const { recipes } = this.ask.catalogue;
    const incoming = new IncomingDrinks(recipes, this.ask.own);
    const open = new Map<string, OpenWords>();
    const drinks = this.reads.map((read, i): FoundDrink => {
      if (i % TELL_EVERY === 0) tell(READING + ((1 - READING) * i) / this.reads.length);
      const lines = read.lines.map((line) => {
        const kind = said[line.says];
        return kind === undefined ? line : { ...line, kind, confidence: 1 };
      });
      const unsettled = lines.filter((l) => l.confidence < SURE && !l.garnish);
      for (const { says, kind, near } of unsettled) {
        const words = open.get(says) ?? { says, times: 0, near: [...(kind ? [kind] : []), ...near] };
        open.set(says, { ...words, times: words.times + 1 });
      }
      const recipe = recipeFrom({ ...read, lines }, 'own-draft', recipes, this.kinds);
      const isWhole = unsettled.length === 0 && recipe !== undefined;
      return {
        name: read.name ?? 'Without a name',
        recipe,
        standing: isWhole ? incoming.take(recipe) : undefined,
        open: unsettled.map((l) => l.says),
      };
    });
    return {
      is: 'drinks',
      drinks,
      hasOunces: this.reads.some((r) => r.hasOunces),
      open: [...open.values()].sort((a, b) => b.times - a.times),
    };
  }
}

/** The share of the work that reading lines is; and how often it says how far it is. */
const READING = 0.7;
const TELL_EVERY = 100;
