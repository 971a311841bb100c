import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';

/** What the build says of its files, by the source they were made from. */
const manifestSchema = z.record(
  z.string(),
  z.object({
    file: z.string(),
    css: z.array(z.string()).default([]),
    imports: z.array(z.string()).default([]),
  }),
);

/** The source of a step's screen: "plan" is `src/plan/PlanView.vue`. */
const sourceOf = (step: string) => `src/${step}/${step[0]?.toUpperCase() ?? ''}${step.slice(1)}View.vue`;

/**
 * Head tags by which a browser fetches a step's screen together with the program, and not after it.
 *
 * @param folder the built web application
 * @returns the tags for a path; none for a path that is no step.
 */
export function stepFiles(folder: string): (path: string) => string {
  const file = join(folder, '.vite/manifest.json');
  const manifest = existsSync(file) ? manifestSchema.parse(JSON.parse(readFileSync(file, 'utf8'))) : {};
  const known = new Map<string, string>();

  function tagsOf(source: string): string {
    const seen = new Set<string>();
    const visit = (key: string): void => {
      const part = manifest[key];
      if (part === undefined || seen.has(key)) return;
      seen.add(key);
      part.imports.forEach(visit);
    };
    visit('index.html');
    const atOnce = new Set(seen);
    visit(source);
    return [...seen]
      .filter((key) => !atOnce.has(key))
      .flatMap((key) => {
        const { file, css } = manifest[key] ?? { file: '', css: [] };
        return [
          `<link rel="modulepreload" href="/${file}" />`,
          ...css.map((sheet) => `<link rel="stylesheet" href="/${sheet}" />`),
        ];
      })
      .join('');
  }

  return (path) => {
    const step = /^\/([a-z]+)/.exec(path)?.[1] ?? 'plan';
    const source = sourceOf(step);
    if (manifest[source] === undefined) return '';
    if (!known.has(step)) known.set(step, tagsOf(source));
    return known.get(step) ?? '';
  };
}
