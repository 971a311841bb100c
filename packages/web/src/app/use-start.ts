import { useEventListener, whenever } from '@vueuse/core';
import { computed, onMounted, onScopeDispose, ref } from 'vue';
import { useCatalogue } from '../household/use-catalogue';
import { useClock } from '../household/use-clock';
import { usePlans } from '../household/use-plans';
import { api, OfflineError } from '../kept/client';
import { openOffline } from '../kept/offline';
import { useKeeper } from '../kept/use-keeper';
import { useNotices } from '../kept/use-notices';
import { useAnswer } from '../solver/use-answer';
import { fetchAhead } from './fetch-ahead';

/** What nobody waits for comes so long after the page stands. */
const READY_AFTER_MS = 4000;
/** A server that does not answer is asked again after so long. */
const AGAIN_AFTER_MS = 4000;

/** Opens Uisce: whether it stands, what is in the way, and another try, which comes by itself once the server is back. */
export function useStart() {
  const keeper = useKeeper();
  const catalogue = useCatalogue();
  const plans = usePlans();
  const answers = useAnswer();
  const notices = useNotices();
  const clock = useClock();
  const trouble = ref('');
  const ready = ref(false);
  let again: ReturnType<typeof setTimeout> | undefined;
  let opening: Promise<void> | undefined;

  /** One try at a time, whoever asks for it. */
  const load = () => (opening ??= open().finally(() => (opening = undefined)));

  async function open(): Promise<void> {
    clearTimeout(again);
    try {
      void answers.warmUp();
      await Promise.all([keeper.start(), catalogue.load()]);
      await catalogue.readPrices();
      await answers.start();
      ready.value = true;
      clock.settle();
      beReady();
      trouble.value = '';
    } catch (error) {
      trouble.value = (error as Error).message;
      if (error instanceof OfflineError) again = setTimeout(() => void load(), AGAIN_AFTER_MS);
    }
  }

  /** When the page stands and nobody waits for it: be ready for when the server is away. */
  function beReady(): void {
    const shops = catalogue.prices ? [catalogue.prices.over ?? catalogue.prices.id] : [];
    setTimeout(() => void openOffline(shops, () => keeper.keepCopy()).catch(() => undefined), READY_AFTER_MS);
    setTimeout(() => void sayBackupTrouble(), READY_AFTER_MS);
  }

  /** Backups that go wrong do so quietly: whoever is here is told. */
  async function sayBackupTrouble(): Promise<void> {
    const health = await api<{ backupTrouble: string | null }>('/health').catch(() => undefined);
    if (health?.backupTrouble) notices.say(`${health.backupTrouble} (Settings, Data)`);
  }

  /** What may be wanted later does not stand in the way of the first sentence. */
  const isAnswered = computed(
    () => ready.value && (answers.result !== undefined || answers.failure !== '' || plans.plans.length === 0),
  );
  whenever(isAnswered, fetchAhead, { immediate: true, once: true });
  useEventListener('online', () => trouble.value !== '' && void load());
  onScopeDispose(() => clearTimeout(again));
  onMounted(load);
  return { trouble, ready, load };
}
