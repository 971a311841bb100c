<script setup lang="ts">
import { upperFirst } from '@uisce/core/base';
import { keptNamed } from '@uisce/core/kept';
import { computed } from 'vue';
import type { Refused } from '../kept/outbox';
import { useKeeper } from '../kept/use-keeper';
import { saveFile } from '../ui/save-file';

/** Changes that the server will not have as they are, each with its reason: to be mended, kept as a file, or thrown away. */
const keeper = useKeeper();

const shown = computed(() =>
  keeper.refused.map((refused) => {
    const names = refused.mine.writes.map(({ thing, value }) => {
      const kept = keptNamed(thing);
      return (value === null ? undefined : kept?.title?.(value)) ?? `the ${kept?.noun ?? 'thing'}`;
    });
    return {
      refused,
      id: refused.mine.id,
      title: refused.mine.change,
      things: [...new Set(names)].join(', '),
    };
  }),
);

function takeOut({ mine, reason }: Refused): void {
  const { at, change, writes } = mine;
  saveFile('not-saved.json', 'application/json', JSON.stringify({ at, change, reason, writes }, null, 2));
}
</script>

<template>
  <section
    v-for="{ refused, id, title, things } in shown"
    :key="id"
    class="panel refused"
    role="alert"
    :aria-label="`Not saved: ${title}`"
  >
    <h2>
      Not saved: {{ title }} <small class="dim">· {{ things }}</small>
    </h2>
    <p>
      {{ upperFirst(refused.reason) }}. It is kept in this browser: change what is wrong and it is sent again,
      or try it as it is.
    </p>
    <div class="acts">
      <v-btn @click="keeper.retry(refused)">Try again</v-btn>
      <v-btn @click="takeOut(refused)">Download it</v-btn>
      <v-btn @click="keeper.discard(refused)">Discard it</v-btn>
    </div>
  </section>
</template>

<style scoped>
.refused {
  margin-bottom: 14px;
  border-color: rgb(var(--v-theme-rust));
}

p {
  margin: 6px 0;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
