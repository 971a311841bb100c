import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, expect, it } from 'vitest';
import { stepFiles } from './step-files.js';

let folder = '';
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** A built application of two steps that share a part, beside what the program itself loads. */
function built(): string {
  folder = mkdtempSync(join(tmpdir(), 'uisce-web-'));
  mkdirSync(join(folder, '.vite'));
  const manifest = {
    'index.html': { file: 'assets/index.js', css: ['assets/index.css'], imports: ['_vue.js'] },
    '_vue.js': { file: 'assets/vue.js' },
    '_sentence.js': { file: 'assets/sentence.js', css: ['assets/sentence.css'], imports: ['_vue.js'] },
    'src/plan/PlanView.vue': { file: 'assets/PlanView.js', imports: ['index.html', '_sentence.js'] },
    'src/kit/KitView.vue': { file: 'assets/KitView.js', imports: ['_vue.js'] },
    'src/kit/KitCards.vue': { file: 'assets/KitCards.js' },
  };
  writeFileSync(join(folder, '.vite/manifest.json'), JSON.stringify(manifest));
  return folder;
}
const named = (tags: string) => [...tags.matchAll(/href="([^"]+)"/g)].map((m) => m[1]);

it('a page names the files of its step, without those that the program fetches anyway or that come later', () => {
  const filesOf = stepFiles(built());
  expect(named(filesOf('/plan')).sort()).toEqual([
    '/assets/PlanView.js',
    '/assets/sentence.css',
    '/assets/sentence.js',
  ]);
  expect(named(filesOf('/kit'))).toEqual(['/assets/KitView.js']);
});

it('the front page is the plan, a page below a step is the step, and anything else names nothing', () => {
  const filesOf = stepFiles(built());
  expect(filesOf('/')).toBe(filesOf('/plan'));
  expect(filesOf('/kit/some/vessel')).toBe(filesOf('/kit'));
  for (const path of ['/nowhere', '/..%2f', '/Plan"><script>'])
    expect(filesOf(path)).not.toMatch(/nowhere|script>/);
  expect(filesOf('/nowhere')).toBe('');
});

it('an application that is not built yet names nothing', () => {
  expect(stepFiles(join(tmpdir(), 'uisce-not-built'))('/plan')).toBe('');
});
