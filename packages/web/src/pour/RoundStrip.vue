<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { count } from '../words/use-words';
import { useRoundInHand } from './use-round-in-hand';
import { useStepWords } from './use-step-words';

/** The round as a short strip: what is done, what is in hand, what comes. */
const { inHand } = useRoundInHand();
const { line } = useStepWords();
const list = useTemplateRef('list');

const steps = computed(() =>
  (inHand.value?.now ?? []).map((step, i, all) => ({
    step,
    words: line(step),
    // A new drink begins: its name stands over its steps.
    drink:
      step.order !== null && step.order !== (all[i - 1]?.order ?? -1)
        ? (inHand.value?.orders[step.order]?.drink.name ?? '')
        : '',
  })),
);
const orders = computed(() => inHand.value?.orders ?? []);
const about = computed(() => {
  const glasses = orders.value.reduce((n, o) => n + o.count, 0);
  const kinds = orders.value.length;
  return kinds > 1
    ? `${count(kinds, 'kind')}, ${count(glasses, 'glass', 'glasses')}`
    : count(glasses, 'glass', 'glasses');
});
watch(
  () => inHand.value?.current.id,
  async () => {
    await nextTick();
    const here = list.value?.querySelector<HTMLElement>('.here');
    if (!list.value || !here) return;
    // The strip moves, never the page.
    const [strip, step] = [list.value.getBoundingClientRect(), here.getBoundingClientRect()];
    list.value.scrollTop += step.top - strip.top - strip.height / 3;
    list.value.scrollLeft += step.left - strip.left - strip.width / 3;
  },
  { immediate: true },
);
</script>

<template>
  <section aria-labelledby="strip-title">
    <h2 id="strip-title">
      This round <small class="dim">· {{ about }}</small>
    </h2>
    <ol ref="list" class="plain-list" tabindex="0" aria-label="Steps of the round">
      <li
        v-for="{ step, words, drink } in steps"
        :key="step.id"
        :class="{ done: step.done, here: step.id === inHand?.current.id }"
        :aria-current="step.id === inHand?.current.id ? 'step' : undefined"
      >
        <span v-if="drink && orders.length > 1" class="drink dim">{{ drink }}</span>
        <span class="line"><span class="bead" aria-hidden="true" />{{ words }}</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
ol {
  max-height: calc(100vh - 240px);
  overflow-y: auto;
}

li {
  padding: 5px 0;
}

.line {
  display: flex;
  gap: 10px;
  align-items: baseline;
}

.drink {
  display: block;
  padding: 6px 0 2px;
  font-size: 0.9375rem;
}

.bead {
  flex: none;
  width: 11px;
  height: 11px;
  border: 1.5px solid rgb(var(--v-theme-ink));
  border-radius: 50%;
}

.done {
  color: rgb(var(--v-theme-dim));
}

.done .bead {
  background: rgb(var(--v-theme-sea));
  border-color: rgb(var(--v-theme-sea));
}

.here {
  font-weight: 700;
}

.here .bead {
  border: 3.5px solid rgb(var(--v-theme-copper));
}

@media (max-width: 1080px) {
  ol {
    display: flex;
    gap: 16px;
    max-height: none;
    overflow-x: auto;
  }

  li {
    flex: none;
    white-space: nowrap;
  }

  .drink {
    display: none;
  }
}
</style>
