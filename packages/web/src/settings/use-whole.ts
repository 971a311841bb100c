import { ref } from 'vue';
import type { Backup } from '@uisce/core/household';
import type { Compared } from '@uisce/core/kept';
import { api } from '../kept/client';
import { forgetRemembered } from '../kept/snapshot';
import { useKeeper } from '../kept/use-keeper';
import { useRequest } from '../kept/use-request';

/** How a kind of thing of a file is taken. */
export type ImportChoice = 'leave' | 'new' | 'all';

/** A household's file on its way in, and forgetting. */
export function useWhole() {
  const keeper = useKeeper();
  const said = ref('');
  const compared = ref<Compared>();
  const choices = ref<Record<string, ImportChoice>>({});
  /** What was there before the last file came in. */
  const before = ref<Backup>();
  let file: unknown;

  const { busy, trouble, tried: asked } = useRequest();
  const tried = (work: () => Promise<void>) =>
    asked(async () => {
      said.value = '';
      // What waits in this page belongs to what is there.
      await keeper.flush();
      await work();
    });
  /** Look at a file: how it stands to what is here. */
  const look = (chosen: File) =>
    tried(async () => {
      compared.value = undefined;
      try {
        file = JSON.parse(await chosen.text()) as unknown;
      } catch {
        trouble.value = 'It is no file of a household: it cannot be read as JSON.';
        return;
      }
      const found = await api<Compared>('/household/compare', { method: 'POST', body: { file } });
      compared.value = found;
      choices.value = Object.fromEntries(found.map((c) => [c.thing, 'new' as const]));
    });
  const bring = () =>
    tried(async () => {
      const of = (choice: ImportChoice) =>
        Object.entries(choices.value).flatMap(([thing, c]) => (c === choice ? [thing] : []));
      const done = await api<{ before: Backup; taken: number }>('/household/import', {
        method: 'POST',
        body: { file, leave: of('leave'), replace: of('all') },
      });
      [compared.value, before.value] = [undefined, done.before];
      said.value = done.taken === 1 ? 'One thing came in.' : `${done.taken} things came in.`;
    });
  const takeBack = () =>
    tried(async () => {
      if (!before.value) return;
      await api(`/backups/${before.value.name}/restore`, { method: 'POST', body: {} });
      [before.value, said.value] = [undefined, 'As it was before.'];
    });
  const forget = (backups: 'keep' | 'drop') =>
    tried(async () => {
      await api('/household/forget', { method: 'POST', body: { everything: true, backups } });
      await forgetRemembered();
      said.value = 'Everything is forgotten.';
    });
  const leave = () => (compared.value = undefined);

  return { trouble, said, busy, compared, choices, before, look, bring, takeBack, forget, leave };
}
