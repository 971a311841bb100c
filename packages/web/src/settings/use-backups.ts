import { createSharedComposable } from '@vueuse/core';
import { formatDistanceToNow } from 'date-fns';
import { computed, ref } from 'vue';
import type { Backup, BackupWhy } from '@uisce/core/household';
import { api, ApiError, OfflineError } from '../kept/client';
import { useKeeper } from '../kept/use-keeper';
import { useRequest } from '../kept/use-request';
import { saveFile } from '../ui/save-file';

/** What a restore left behind. */
interface Restored {
  before: Backup;
  counts: Record<string, number>;
}

export const WHY_WORDS: Record<BackupWhy, string> = {
  daily: 'of that day',
  asked: 'asked for',
  upgrade: 'before an upgrade',
  restore: 'before a restore',
  import: 'before a file came in',
};

/** The household's backups: made, taken along, restored, and a restore taken back. */
export const useBackups = createSharedComposable(() => {
  const keeper = useKeeper();
  const backups = ref<Backup[]>([]);
  /** What was there before the last restore of this page. */
  const before = ref<Backup>();
  const said = ref('');

  const last = computed(() => backups.value[0]);
  const sayWhen = ({ at }: Backup) => formatDistanceToNow(new Date(at), { addSuffix: true });

  async function load(): Promise<void> {
    backups.value = await api<Backup[]>('/backups').catch(() => backups.value);
  }
  const { busy, trouble, tried: asked } = useRequest(load);
  const tried = (work: () => Promise<void>) =>
    asked(async () => {
      said.value = '';
      // What waits in this page belongs to what is there.
      await keeper.flush();
      await work();
    });
  const make = () =>
    tried(async () => {
      await api<Backup>('/backups', { method: 'POST', body: {} });
      said.value = 'A backup is made.';
    });
  function restored({ before: was, counts }: Restored): void {
    before.value = was;
    said.value = `Restored: ${Object.values(counts).reduce((sum, n) => sum + n, 0)} things.`;
  }
  const restore = (name: string) =>
    tried(async () => {
      restored(await api<Restored>(`/backups/${name}/restore`, { method: 'POST', body: {} }));
    });
  /** Restore what was there before the last restore. */
  const takeBack = () =>
    tried(async () => {
      if (!before.value) return;
      const back = await api<Restored>(`/backups/${before.value.name}/restore`, { method: 'POST', body: {} });
      [before.value, said.value] = [
        undefined,
        `As it was before, ${Object.values(back.counts).reduce((sum, n) => sum + n, 0)} things.`,
      ];
    });
  const restoreFile = (file: File, passphrase: string) =>
    tried(async () => {
      const bytes = new Uint8Array(await file.arrayBuffer());
      let text = '';
      for (let i = 0; i < bytes.length; i += CHUNK)
        text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
      const body = { file: btoa(text), ...(passphrase === '' ? {} : { passphrase }) };
      restored(await api<Restored>('/restore', { method: 'POST', body }));
    });
  const sealed = (name: string, passphrase: string) =>
    tried(async () => {
      const answer = await fetch(`/api/backups/${name}/sealed`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ passphrase }),
      }).catch(() => {
        throw new OfflineError();
      });
      if (!answer.ok) throw new ApiError((await answer.json()) as ApiError['problem']);
      saveFile(
        name.replace(/\.sqlite$/, '.sealed'),
        'application/octet-stream',
        new Uint8Array(await answer.arrayBuffer()),
      );
    });
  return {
    backups,
    last,
    busy,
    trouble,
    before,
    said,
    sayWhen,
    load,
    make,
    restore,
    takeBack,
    restoreFile,
    sealed,
  };
});
/** Letters at a time: more arguments than this a browser does not take. */
const CHUNK = 0x8000;
