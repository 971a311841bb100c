import { upperFirst } from '@uisce/core/base';
import { ref } from 'vue';
import { ApiError, OfflineError } from './client';

/** A message as a sentence of its own. */
const sentence = (message: string) => `${upperFirst(message).replace(/\.$/, '')}.`;

/** Something that the server may refuse: whether it is under way, and in one sentence why it was refused. */
export function useRequest(after: () => Promise<void> = () => Promise.resolve()) {
  const busy = ref(false);
  const trouble = ref('');

  /** Do it; resolves to whether it was done. What nobody foresaw is thrown. */
  async function tried(work: () => Promise<unknown>): Promise<boolean> {
    [busy.value, trouble.value] = [true, ''];
    try {
      await work();
      return true;
    } catch (error) {
      if (!(error instanceof ApiError) && !(error instanceof OfflineError)) throw error;
      trouble.value = sentence(error.message);
      return false;
    } finally {
      busy.value = false;
      await after();
    }
  }

  return { busy, trouble, tried };
}
