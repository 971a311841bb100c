import { createSharedComposable } from '@vueuse/core';
import { formatDistanceToNow } from 'date-fns';
import { computed, ref, type Ref } from 'vue';
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

const thingsIn = ({ counts }: Restored) => Object.values(counts).reduce((sum, n) => sum + n, 0);

export const WHY_WORDS: Record<BackupWhy, string> = {
  daily: 'of that day',
  asked: 'asked for',
  upgrade: 'before an upgrade',
  restore: 'before a restore',
  import: 'before a file came in',
};

/** Letters at a time: more arguments than this a browser does not take. */
const CHUNK = 0x8000;

function base64Of(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
  return btoa(text);
}

/**
 * A backup sealed with a passphrase.
 *
 * @throws OfflineError where the server is away, ApiError where it refuses.
 */
async function sealedBytes(name: string, passphrase: string): Promise<Uint8Array<ArrayBuffer>> {
  const answer = await fetch(`/api/backups/${name}/sealed`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ passphrase }),
  }).catch(() => {
    throw new OfflineError();
  });
  if (!answer.ok) throw new ApiError((await answer.json()) as ApiError['problem']);
  return new Uint8Array(await answer.arrayBuffer());
}

/** Restoring a backup of here or of a file, and taking that back. */
function useRestoring(said: Ref<string>, tried: (work: () => Promise<void>) => Promise<unknown>) {
  /** What was there before the last restore of this page. */
  const before = ref<Backup>();
  function restored(back: Restored): void {
    before.value = back.before;
    said.value = `Restored: ${thingsIn(back)} things.`;
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
      [before.value, said.value] = [undefined, `As it was before, ${thingsIn(back)} things.`];
    });
  const restoreFile = (file: File, passphrase: string) =>
    tried(async () => {
      const base64 = base64Of(new Uint8Array(await file.arrayBuffer()));
      const body = { file: base64, ...(passphrase === '' ? {} : { passphrase }) };
      restored(await api<Restored>('/restore', { method: 'POST', body }));
    });

  return { before, restore, takeBack, restoreFile };
}

/** The household's backups: made, taken along, restored, and a restore taken back. */
export const useBackups = createSharedComposable(() => {
  const keeper = useKeeper();
  const backups = ref<Backup[]>([]);
  const said = ref('');
  /** Why the last one was not made. */
  const notMade = ref('');

  const last = computed(() => backups.value[0]);
  const sayWhen = ({ at }: Backup) => formatDistanceToNow(new Date(at), { addSuffix: true });

  async function load(): Promise<void> {
    const health = api<{ backupTrouble: string | null }>('/health').catch(() => undefined);
    backups.value = await api<Backup[]>('/backups').catch(() => backups.value);
    notMade.value = (await health)?.backupTrouble ?? '';
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
  const { before, restore, takeBack, restoreFile } = useRestoring(said, tried);
  const sealed = (name: string, passphrase: string) =>
    tried(async () => {
      saveFile(
        name.replace(/\.sqlite$/, '.sealed'),
        'application/octet-stream',
        await sealedBytes(name, passphrase),
      );
    });
  return {
    backups,
    last,
    notMade,
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
