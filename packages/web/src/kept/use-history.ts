import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { HistoryState } from '@uisce/core/plan';
import { api } from './client';
import { useBatches } from '../household/use-batches';
import { useHousehold } from '../household/use-settings';
import { useKit } from '../household/use-kit';
import { useNotices } from './use-notices';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';

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
