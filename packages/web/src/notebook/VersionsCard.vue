<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { amountMl } from '@uisce/core/base';
import type { Recipe } from '@uisce/core/catalogue';
import CollectionRow from './CollectionRow.vue';
import { recipeRecord } from './version-verdicts';
import { useLog } from '../household/use-log';
import { useNotebook } from '../household/use-notebook';
import { useTrade } from '../household/use-trade';
import { inSentence, listed, useWords } from '../words/use-words';

/** All that a drink of one's own has been: what changed, why, and how it was liked; any of it can be poured again. */
const props = defineProps<{ recipe: Recipe }>();
const log = useLog();
const notebook = useNotebook();
const router = useRouter();
const trade = useTrade();
const words = useWords();

const own = computed(() => notebook.ownOf(props.recipe.id));
/** What is another amount, new or gone against the version before. */
function changed(before: Recipe | undefined, after: Recipe): string {
  if (!before) return 'the first';
  const of = (r: Recipe) => new Map(r.slots.map((s) => [s.kind, s.amount]));
  const [was, is] = [of(before), of(after)];
  const name = (kind: string) => inSentence(trade.kindName(kind));
  const out = [
    ...[...is].flatMap(([kind, amount]) => {
      const old = was.get(kind);
      if (!old) return [`${name(kind)} new`];
      const same = amountMl(old) === amountMl(amount) && old.value === amount.value;
      return same ? [] : [`${words.amount(amount)} ${name(kind)}, not ${words.amount(old)}`];
    }),
    ...[...was.keys()].filter((k) => !is.has(k)).map((k) => `no ${name(k)}`),
    ...(before.method === after.method ? [] : [`${after.method} instead of ${before.method}`]),
    ...(before.glass === after.glass ? [] : [`in another glass`]),
  ];
  return out.length === 0 ? 'the same in substance' : listed(out);
}
const rows = computed(() => {
  const drink = own.value;
  if (!drink) return [];
  return drink.versions
    .map((v, i) => ({
      ...{ i, why: v.why, isCurrent: i === drink.current },
      day: words.shortDay(v.at.slice(0, 10)),
      changed: changed(drink.versions[i - 1]?.recipe, v.recipe),
      liked: recipeRecord(log.pours, props.recipe.id, v.at, drink.versions[i + 1]?.at),
    }))
    .reverse();
});
async function crossOut(): Promise<void> {
  const drink = own.value;
  if (!drink) return;
  notebook.remove(drink);
  await router.push(drink.houseSpecOf ? `/notebook/${drink.houseSpecOf}` : '/notebook');
}
</script>

<template>
  <section class="versions no-print" aria-labelledby="versions-title">
    <template v-if="own">
      <h2 id="versions-title">
        {{ own.houseSpecOf ? 'The house’s own spec' : 'Written here' }}
        <small class="dim"
          >· {{ own.versions.length }} {{ own.versions.length === 1 ? 'version' : 'versions' }}</small
        >
      </h2>
      <ol class="plain-list" reversed>
        <li v-for="row in rows" :key="row.i">
          <span>
            <strong>{{ row.i + 1 }}</strong> <span class="dim">{{ row.day }}</span> · {{ row.changed
            }}<template v-if="row.why"> · “{{ row.why }}”</template
            ><template v-if="row.liked"> · {{ row.liked }}</template>
          </span>
          <span v-if="row.isCurrent" class="sea">poured now</span>
          <v-btn v-else :aria-label="`Pour version ${row.i + 1} again`" @click="notebook.choose(own, row.i)"
            >Pour this one</v-btn
          >
        </li>
      </ol>
    </template>
    <h2 v-else id="versions-title">As you make it</h2>
    <div v-if="own" class="field-row">
      <v-text-field
        label="Where it comes from"
        maxlength="200"
        :model-value="own.from"
        @change="
          own &&
          notebook.edit(own, 'Where it comes from', { from: ($event.target as HTMLInputElement).value })
        "
      />
      <v-text-field
        label="Notes"
        maxlength="2000"
        :model-value="own.notes"
        @change="
          own && notebook.edit(own, 'Notes on a drink', { notes: ($event.target as HTMLInputElement).value })
        "
      />
    </div>
    <CollectionRow :drink="recipe.id" :name="recipe.name" />
    <p class="buttons">
      <RouterLink :to="`/notebook/write/${recipe.id}`">{{
        own ? 'Write another version' : 'Write the house’s own spec'
      }}</RouterLink>
      <button v-if="own" class="plain-button link" type="button" @click="crossOut">
        {{ own.houseSpecOf ? 'Back to the spec as it was printed' : 'Cross it out' }}
      </button>
    </p>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.sea {
  color: rgb(var(--v-theme-sea));
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  align-items: center;
}

.buttons a {
  color: inherit;
}
</style>
