<script setup lang="ts">
import PartLinks from '../ui/PartLinks.vue';

/** The parts of the Notebook, beside its sentence. */
defineProps<{ part: '' | 'write' | 'liked' | 'ours' | 'exchange' }>();

const PARTS = [
  { to: '/notebook', words: 'Index', part: '' },
  { to: '/notebook/write', words: 'Write', part: 'write' },
  { to: '/notebook/liked', words: 'Liked', part: 'liked' },
  { to: '/notebook/ours', words: 'Ours', part: 'ours' },
  { to: '/notebook/exchange', words: 'Files', part: 'exchange' },
];
</script>

<template>
  <PartLinks :parts="PARTS" :part="part" label="Parts of the Notebook" />
</template>
