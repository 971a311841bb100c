<script setup lang="ts">
import { computed } from 'vue';
import { useKeeper } from '../kept/use-keeper';
import { count, useWords } from '../words/use-words';

/** The page opened without the server: what is shown is of when it was last heard of, and what is changed waits. */
const keeper = useKeeper();
const words = useWords();
const waits = computed(() => keeper.waiting.length);
const since = computed(() => (keeper.asOf ? words.moment(keeper.asOf) : ''));
</script>

<template>
  <p v-if="keeper.asOf" class="panel away" role="status">
    Uisce’s server is away. This is how things stood on {{ since
    }}<template v-if="waits > 0">, with {{ count(waits, 'change') }} of yours that will be sent</template>.
  </p>
</template>

<style scoped>
.away {
  margin: 0 0 14px;
  border-inline-start: 4px solid rgb(var(--v-theme-gorse));
}
</style>
