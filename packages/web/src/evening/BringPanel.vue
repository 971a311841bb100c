<script setup lang="ts">
import { useBring } from './use-bring';

/** Who is asked for what, so that the menu lacks least and adds most; with a message to copy. */
const { asked, take } = useBring();
</script>

<template>
  <section v-if="asked.length > 0" class="panel" aria-labelledby="bring-title">
    <h2 id="bring-title">Ask to bring</h2>
    <ul class="plain-list">
      <li v-for="a in asked" :key="a.id">
        <span>
          <strong>{{ a.who }}</strong>: {{ a.what }} <small class="dim">{{ a.why }}</small>
        </span>
        <v-btn :aria-label="`Copy the message to ${a.who}`" @click="take(a.text, a.who)">Copy</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  align-items: center;
  padding: 3px 0;
}

small {
  font-size: 0.9375rem;
}
</style>
