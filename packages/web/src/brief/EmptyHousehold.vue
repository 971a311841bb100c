<script setup lang="ts">
import { ref } from 'vue';
import type { Brief } from '@uisce/core/plan';
import { api } from '../kept/client';
import { useRouter } from 'vue-router';
import { usePlans } from '../household/use-plans';

const plans = usePlans();
const router = useRouter();
const fault = ref('');

async function begin(): Promise<void> {
  plans.create('First plan');
  await router.push('/brief');
}

async function lookAtDemo(): Promise<void> {
  try {
    const demo = await api<{ name: string; brief: Brief }>('/demo/plan');
    plans.create(demo.name, demo.brief);
    await router.push('/plan');
  } catch (error) {
    fault.value = (error as Error).message;
  }
}
</script>

<template>
  <div class="panel empty">
    <h1>Say what you can spend and what you like</h1>
    <p>
      Uisce finds the bottles that make the most drinks for that money, and proves that no other set makes
      more.
    </p>
    <div class="acts">
      <v-btn color="bog" variant="flat" class="begin" @click="begin">Begin with a brief</v-btn>
      <v-btn @click="lookAtDemo">Look at an example first</v-btn>
    </div>
    <p v-if="fault" role="alert">{{ fault }}</p>
  </div>
</template>

<style scoped>
.empty {
  max-width: 620px;
  padding: 28px;
}

h1 {
  font-size: 1.7rem;
  line-height: 1.25;
  margin: 0 0 10px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 18px;
}

.begin {
  color: #f3efe6 !important;
}
</style>
