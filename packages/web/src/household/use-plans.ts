import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { emptyBrief, planWriteSchema, type Brief, type Plan } from '@uisce/core/plan';
import { api, ApiError, OfflineError } from '../kept/client';
import { forgetDraft, readDraft, writeDraft } from '../kept/drafts';
import { useHistory } from '../kept/use-history';
import { useHousehold } from './use-settings';
import { useNotices } from '../kept/use-notices';
import { useTrade } from './use-trade';

/** Typing and dragging are saved once they pause this long; until then the draft holds them. */
const SAVE_AFTER_MS = 400;
const RETRY_AFTER_MS = 4000;

/** Named plans, the one that is open, and its saving. */
export const usePlans = defineStore('plans', () => {
  const plans = ref<Plan[]>([]);
  const loaded = ref(false);
  const household = useHousehold();
  const current = computed(
    () => plans.value.find((p) => p.id === household.settings.currentPlanId) ?? plans.value[0],
  );
  const brief = computed(() => current.value?.brief);

  let timer: ReturnType<typeof setTimeout> | undefined;
  let pending: { plan: Plan; change: string } | undefined;

  async function load(): Promise<void> {
    plans.value = await api<Plan[]>('/plans');
    for (const plan of plans.value) {
      const draft = readDraft(plan.id);
      if (draft === undefined) continue;
      Object.assign(plan, { name: draft.name, brief: draft.brief });
      pending = { plan, change: draft.change };
      await flush();
    }
    loaded.value = true;
  }

  /** Take the server's word again, after an undo; open the plan the undo touched. */
  async function reload(openId?: string): Promise<void> {
    plans.value = await api<Plan[]>('/plans');
    if (openId !== undefined && plans.value.some((p) => p.id === openId)) await open(openId);
  }

  /** Change the open plan at once on screen, and on disk when the hand rests. */
  function edit(change: string, next: { name?: string; brief?: Partial<Brief> }): void {
    const plan = current.value;
    if (plan === undefined) return;
    if (pending && pending.change !== change) void flush();
    plan.name = next.name ?? plan.name;
    if (next.brief) plan.brief = { ...plan.brief, ...next.brief };
    pending = { plan, change };
    writeDraft(plan.id, { name: plan.name, brief: plan.brief, change });
    clearTimeout(timer);
    timer = setTimeout(() => void flush(), SAVE_AFTER_MS);
  }

  /** Save what is waiting. Offline, it stays in the draft and is tried again. */
  async function flush(): Promise<void> {
    clearTimeout(timer);
    const saving = pending;
    if (saving === undefined) return;
    pending = undefined;
    const { plan, change } = saving;
    const body = planWriteSchema.parse({ name: plan.name, brief: plan.brief, change });
    try {
      await api(`/plans/${plan.id}`, { method: 'PUT', body, keepalive: true });
      if (pending === undefined) forgetDraft(plan.id);
      await useHistory().refresh();
    } catch (error) {
      if (error instanceof OfflineError) {
        pending ??= saving;
        timer = setTimeout(() => void flush(), RETRY_AFTER_MS);
      }
      if (error instanceof ApiError && error.problem.status === 404) forgetDraft(plan.id);
      useNotices().say((error as Error).message);
    }
  }

  async function open(id: string): Promise<void> {
    await flush();
    await household.change({ currentPlanId: id });
  }

  async function add(plan: Plan): Promise<void> {
    plans.value.push(plan);
    await open(plan.id);
    await useHistory().refresh();
  }

  async function create(name: string, from?: Brief): Promise<void> {
    const newBrief = from ?? emptyBrief(useTrade().prices?.currency ?? 'EUR');
    await add(
      await api<Plan>('/plans', {
        method: 'POST',
        body: { name, brief: newBrief, change: `New plan “${name}”` },
      }),
    );
  }

  async function duplicate(id: string, name: string): Promise<void> {
    await flush();
    await add(await api<Plan>(`/plans/${id}/duplicate`, { method: 'POST', body: { name } }));
  }

  async function remove(id: string): Promise<void> {
    await flush();
    await api(`/plans/${id}`, { method: 'DELETE' });
    forgetDraft(id);
    plans.value = plans.value.filter((p) => p.id !== id);
    await useHistory().refresh();
  }

  return { plans, loaded, current, brief, load, reload, edit, flush, open, create, duplicate, remove };
});
