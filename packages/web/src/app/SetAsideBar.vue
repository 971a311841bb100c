<script setup lang="ts">
import { useKeeper } from '../kept/use-keeper';

/** What is stored and cannot be read: named, and left as it is; the rest works. */
const keeper = useKeeper();
</script>

<template>
  <section v-if="keeper.setAside.length > 0" class="panel aside" role="status">
    <h2>
      Set aside: {{ keeper.setAside.length === 1 ? 'something stored' : `${keeper.setAside.length} things` }}
      cannot be read
    </h2>
    <ul>
      <li v-for="thing in keeper.setAside" :key="thing.thing + thing.id">
        the {{ thing.noun }} <code>{{ thing.id }}</code>: {{ thing.faults[0]?.pointer }}
        {{ thing.faults[0]?.detail }}
      </li>
    </ul>
    <p class="dim">It stays in the database as it is; everything else works.</p>
  </section>
</template>

<style scoped>
.aside {
  margin-bottom: 14px;
}

ul {
  margin: 0;
  padding-inline-start: 18px;
  overflow-wrap: anywhere;
}

p {
  margin: 6px 0 0;
}
</style>
