import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { keptPlace, keptPlan, type ChangeWrite } from '@uisce/core/kept';
import { emptyBrief, withoutStrangers, type Brief, type Plan } from '@uisce/core/plan';
import { useKeeper } from '../kept/use-keeper';
import { useCatalogue } from './use-catalogue';

/** Named plans, and the one that is open on this page. */
export const usePlans = defineStore('plans', () => {
  const keeper = useKeeper();
  const plans = computed(() =>
    [...keeper.all(keptPlan)].sort((a, b) => (a.createdAt + a.id < b.createdAt + b.id ? -1 : 1)),
  );
  const openId = ref<string | null>(null);
  const current = computed(() => plans.value.find((p) => p.id === openId.value) ?? plans.value[0]);
  const brief = computed(() => current.value?.brief);
  /** The open plan's brief, or one that says nothing yet: kit and bench work without a plan. */
  const briefOrEmpty = computed(() => brief.value ?? emptyBrief(useCatalogue().prices?.currency ?? 'EUR'));

  // Where the household was last is where this page begins; from then on it goes its own way.
  watch(
    () => keeper.started,
    () => (openId.value = keeper.single(keptPlace).planId),
    { immediate: true },
  );
  // An undo is shown where it happened.
  watch(
    () => keeper.undone,
    (entries) => {
      const touched = entries.find((e) => e.thing === keptPlan.name && e.value !== null);
      if (touched) open(touched.id);
    },
  );

  /** Change the open plan, with words for the undo list; and what changes with it, undone as one. */
  function edit(
    change: string,
    next: { name?: string; brief?: Partial<Brief> },
    beside: readonly ChangeWrite['writes'][number][] = [],
  ): void {
    const plan = current.value;
    if (plan === undefined) return;
    const brief = withoutStrangers({ ...plan.brief, ...next.brief }, useCatalogue().all);
    const now = keeper.write(keptPlan, { ...plan, name: next.name ?? plan.name, brief });
    keeper.keepAll(change, now, ...beside);
  }

  function open(id: string): void {
    if (openId.value === id) return;
    openId.value = id;
    keeper.keep(keptPlace, { planId: id }, 'Open a plan');
  }

  function add(name: string, from: Brief, change: string): void {
    const plan: Plan = { id: crypto.randomUUID(), name, brief: from, createdAt: new Date().toISOString() };
    keeper.keep(keptPlan, plan, change);
    open(plan.id);
  }

  function create(name: string, from?: Brief): void {
    add(name, from ?? emptyBrief(useCatalogue().prices?.currency ?? 'EUR'), `New plan “${name}”`);
  }

  function duplicate(id: string, name: string): void {
    const original = plans.value.find((p) => p.id === id);
    if (original) add(name, original.brief, `Duplicate “${original.name}”`);
  }

  function remove(id: string): void {
    const plan = plans.value.find((p) => p.id === id);
    if (plan) keeper.remove(keptPlan, id, `Delete “${plan.name}”`);
  }

  return { plans, current, brief, briefOrEmpty, edit, open, create, duplicate, remove };
});
