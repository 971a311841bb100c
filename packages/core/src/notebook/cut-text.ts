import { foldText } from '../base/fold.js';
import { inAnyLanguage } from './languages/index.js';
import { garnishWords } from './read-line.js';
import { LONGEST_NAME, type Said } from './sort-lines.js';

/** What begins like this is measured, or is a sentence. */
const NO_NAME = new RegExp(
  `^[\\d½¼¾⅓⅔.,•*–—-]|^(?:(?:${inAnyLanguage((l) => l.line.the)}) )?` +
    `(?:${inAnyLanguage((l) => l.line.juice)}|${inAnyLanguage((l) => l.text.noName)})\\b|[.!]$`,
  'u',
);
/** A name stands so few lines above what is measured. */
const NAME_ABOVE = 3;

/** A recipe as its lines were cut out of a text. */
export interface Draft {
  name: string | undefined;
  measured: string[];
  says: string[];
  garnish: string[];
  glass: string;
}
const blank = (name: string | undefined): Draft => ({ name, measured: [], says: [], garnish: [], glass: '' });

/** Cuts the lines of a text into recipes. */
export class Drafts {
  private readonly all: Draft[] = [];
  /** Lines that belong to no recipe: what is told before one, adverts, for how many. */
  readonly aside: string[] = [];
  private draft = blank(undefined);

  constructor(
    private readonly lines: readonly string[],
    private readonly kinds: readonly Said[],
  ) {}

  /** Something measured comes soon below a name. */
  private isName(i: number): boolean {
    let seen = 0;
    for (let below = i + 1; below < this.lines.length && seen < NAME_ABOVE; below++) {
      const is = this.kinds[below];
      if (is === 'measured') return true;
      if (is !== 'blank' && is !== 'heading') seen += 1;
    }
    return false;
  }

  /** The first line of a block above what is measured is a name, even one like "French 75" or "Rum swizzle". */
  private isTitle(i: number): boolean {
    const content = (this.lines[i] ?? '').trim();
    const { kinds, draft } = this;
    if (draft.name !== undefined && draft.measured.length === 0) return false;
    if ((kinds[i - 1] ?? 'blank') !== 'blank') return false;
    if (content.length > LONGEST_NAME || NO_NAME.test(foldText(content))) return false;
    const below = kinds.slice(i + 1).filter((k) => k !== 'blank' && k !== 'heading');
    // Two empty lines part one recipe from the next.
    const isApart = (kinds[i - 2] ?? 'blank') === 'blank';
    return below[0] === 'measured' && (below[1] === 'measured' || isApart);
  }

  private take(line: string, i: number): void {
    const { draft } = this;
    const content = line.trim();
    const is = this.kinds[i];
    switch ((is === 'method' || is === 'measured') && this.isTitle(i) ? 'other' : is) {
      case 'blank':
      case 'heading':
        return;
      case 'garnish':
        draft.garnish.push(garnishWords(content));
        return;
      case 'glass':
        draft.glass = content;
        return;
      case 'aside':
        this.aside.push(content);
        return;
      case 'measured':
        draft.measured.push(content);
        return;
      case 'method':
        if (draft.measured.length === 0 && !this.comesPart(i)) this.aside.push(content);
        else draft.says.push(content);
        return;
      default:
        this.begin(content, i);
    }
  }

  /** A name begins another recipe; anything else that stands below what is measured tells how it is made. */
  private begin(content: string, i: number): void {
    const { draft } = this;
    if (!this.isName(i)) {
      if (draft.measured.length === 0) this.aside.push(content);
      else if (draft.name === undefined && this.isNameBelow(content)) draft.name = nameOf(content);
      else draft.says.push(content);
      return;
    }
    if (draft.measured.length > 0) this.all.push(draft);
    const next = blank(nameOf(content));
    if (draft.measured.length === 0) {
      // What stood above is of this one: its glass, its making. Another name was none.
      if (draft.name !== undefined) this.aside.push(draft.name);
      Object.assign(next, { says: draft.says, garnish: draft.garnish, glass: draft.glass });
    }
    this.draft = next;
  }

  /** A name may stand below the parts, where none stood above. */
  private isNameBelow(content: string): boolean {
    return content.length <= LONGEST_NAME && !NO_NAME.test(foldText(content)) && !/[.,;:!?]/.test(content);
  }

  /** Whether something measured comes at all from here on. */
  private comesPart(i: number): boolean {
    return this.kinds.indexOf('measured', i) >= 0;
  }

  cut(): Draft[] {
    this.lines.forEach((line, i) => this.take(line, i));
    const { draft } = this;
    if (draft.measured.length > 0) return [...this.all, draft];
    const last = this.all.at(-1);
    const { name, says, garnish, glass } = draft;
    // What is left over is of the last recipe, or of none.
    if (last && name === undefined) last.says.push(...says);
    else this.aside.push(...[name ?? '', ...says].filter(Boolean));
    if (last) last.garnish.push(...garnish);
    else this.aside.push(...garnish);
    if (glass !== '' && last?.glass === '') last.glass = glass;
    else if (glass !== '') this.aside.push(glass);
    return this.all;
  }
}

/** A line as a name: without its number, marks and what only ends it. */
function nameOf(content: string): string {
  return content
    .replace(/^#+\s*/, '')
    .replace(/^\d+[.)]\s+/, '')
    .replace(/[:*_]+$/g, '')
    .replace(/^[*_]+/, '')
    .trim();
}
