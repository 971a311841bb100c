import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { addDays } from '@uisce/core/base';
import { kindIndex } from '@uisce/core/catalogue';
import { beginBatch, bottleBatch, scaledBatch, type BatchRecord } from '@uisce/core/bench';
import { useNotices } from '../kept/use-notices';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { SMALL_CATALOGUE } from '../testing/small-house';
import { useLabels } from './use-labels';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
const saved = vi.hoisted(() => ({ files: [] as [name: string, type: string, bytes: Uint8Array][] }));
vi.mock('../ui/save-file', () => ({
  saveFile: (...file: [string, string, Uint8Array]) => saved.files.push(file),
}));

const TODAY = '2026-11-25';
const [simple] = SMALL_CATALOGUE.homeMade;
if (simple === undefined) throw new Error('a way to make syrup is there');
const made = scaledBatch(simple, 3, SMALL_CATALOGUE, kindIndex(SMALL_CATALOGUE.kinds));
const bottled = (more: Partial<BatchRecord> = {}): BatchRecord => ({
  ...bottleBatch(
    {
      ...beginBatch('7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001', made, `${TODAY}T10:00:00.000Z`, 500),
      inG: made.partsG,
    },
    ...([made, TODAY, SMALL_CATALOGUE] as const),
  ),
  ...more,
});

let house: InSmallHouse;
let labels: ReturnType<typeof useLabels>;
const Page = defineComponent(() => {
  labels = useLabels();
  return () => null;
});
const open = async () => {
  saved.files.length = 0;
  house = await inHouse(Page);
};
afterEach(() => house.page.unmount());

describe('labels', () => {
  it('as a strip say what it is, when it was made and until when it is good', async () => {
    await open();
    const before = labels.tapeLeftMm.value;
    labels.printStrip(bottled());
    const lines = labels.strip.value?.lines ?? [];
    expect(lines[0]).toMatch(/^Simple syrup/);
    expect(lines.join(' · ')).toContain('Made 25 Nov 2026');
    const until = addDays(TODAY, 14);
    expect(bottled().useBy).toBe(until);
    expect(lines.at(-1)).toBe('Use by 9 Dec 2026, keep cold');
    expect(before - labels.tapeLeftMm.value).toBe(labels.strip.value?.lengthMm);
  });

  it('of what was frozen say so', async () => {
    await open();
    labels.printStrip(bottled({ frozen: true }));
    expect(labels.strip.value?.lines.at(-1)).toMatch(/^Use by .*, frozen$/);
  });

  it('say when there is no more tape, and nothing is half printed', async () => {
    await open();
    for (let n = 0; n < 400 && useNotices().text === ''; n++) labels.printStrip(bottled());
    const left = labels.tapeLeftMm.value;
    expect(useNotices().text).toMatch(/tape/i);
    expect(left).toBeGreaterThanOrEqual(0);
    expect(left).toBeLessThan(labels.strip.value?.lengthMm ?? 0);
  });

  it('as a sheet are one PDF, however many', async () => {
    await open();
    labels.sheetId.value = 'a4-24';
    await labels.download([bottled(), bottled({ frozen: true })]);
    const [[name, type, bytes] = ['', '', new Uint8Array()]] = saved.files;
    expect([name, type, saved.files.length]).toEqual(['labels-a4-24.pdf', 'application/pdf', 1]);
    expect(new TextDecoder().decode(bytes.slice(0, 5))).toBe('%PDF-');
  });
});
