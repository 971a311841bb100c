<script setup lang="ts">
import { computed } from 'vue';
import { likedVersion, type OwnDrink } from '@uisce/core/notebook';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import { useWords } from '../words/use-words';
import { useDifferenceWords } from './use-difference-words';

/** All that a drink has been, the newest first: what changed, why, and how it was liked; what can be done with each beside it. */
const props = defineProps<{ drink: OwnDrink }>();
const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();
const { between } = useDifferenceWords();

const rows = computed(() =>
  props.drink.versions
    .map((v, i) => {
      // A house spec begins from what is printed.
      const before =
        props.drink.versions[i - 1]?.recipe ?? catalogue.printed.get(props.drink.houseSpecOf ?? '');
      const liked = likedVersion(verdicts.verdicts, props.drink, i);
      return {
        i,
        why: v.why,
        recipe: v.recipe,
        isCurrent: i === props.drink.current,
        day: words.dayAt(v.at),
        changed: before ? between(before, v.recipe) : 'the first',
        liked: liked
          ? `${words.number(liked.mean)} of 5, ${liked.times === 1 ? 'once' : `${liked.times} times`}`
          : '',
      };
    })
    .reverse(),
);
</script>

<template>
  <ol class="plain-list" reversed>
    <li v-for="row in rows" :key="row.i">
      <span>
        <strong>{{ row.i + 1 }}</strong> <span class="dim">{{ row.day }}</span> · {{ row.changed
        }}<template v-if="row.why"> · “{{ row.why }}”</template
        ><template v-if="row.liked"> · {{ row.liked }}</template>
      </span>
      <slot :row="row" />
    </li>
  </ol>
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
</style>
