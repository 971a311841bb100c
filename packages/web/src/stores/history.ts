import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { HistoryState } from '@uisce/core/plan';
import { api } from '../api/client';
import { useBatches } from './batches';
import { useHousehold } from './household';
import { useKit } from './kit';
import { useNotices } from './notices';
import { usePlans } from './plans';
import { useTrade } from './trade';

/** Undo and redo, kept by the server so that they survive a reload. */
export const useHistory = defineStore('history', () => {
  const state = ref<HistoryState>({ undo: null, redo: null });

  async function refresh(): Promise<void> {
    state.value = await api<HistoryState>('/history');
  }

  async function step(direction: 'undo' | 'redo'): Promise<void> {
    const plans = usePlans();
    await plans.flush();
    await refresh();
    if (state.value[direction] === null) return;
    const change = await api<{ label: string; target: string; targetId: string }>(`/history/${direction}`, {
      method: 'POST',
    });
    await Promise.all([
      plans.reload(change.target === 'plan' ? change.targetId : undefined),
      useTrade().reloadPrices(),
      useTrade().reloadOwnRecipes(),
      useHousehold().load(),
      useKit().load(),
      useBatches().load(),
    ]);
    await refresh();
    useNotices().say(`${direction === 'undo' ? 'Undone' : 'Redone'}: ${change.label}`);
  }

  return { state, refresh, step };
});
