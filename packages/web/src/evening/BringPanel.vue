<script setup lang="ts">
import { useClipboard } from '@vueuse/core';
import { computed } from 'vue';
import { useNotices } from '../kept/use-notices';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';
import { useEvening } from './use-evening';

/** Who is asked for what, so that the menu lacks least and adds most; with a message to copy. */
const notices = useNotices();
const catalogue = useCatalogue();
const words = useWords();
const { evening, plan, missingMinor } = useEvening();
const { copy } = useClipboard({ legacy: true });

const MOST = 4;
/** Bottles for those who drink; whoever drives or drinks nothing with alcohol is asked for ice or fruit. */
const asked = computed(() => {
  const e = evening.value;
  const p = plan.value;
  if (!e || !p) return [];
  const day = words.weekday(e.on);
  const bringers = e.guests.filter((g) => !g.drives && !g.noAlcohol);
  const bottles = p.bring.slice(0, Math.min(MOST, Math.max(1, bringers.length))).map((b, i) => {
    const name = catalogue.kindInSentence(b.kind);
    const who = bringers[i]?.name ?? 'somebody';
    const adds = b.adds > 0 ? `adds ${b.adds} for this party` : '';
    const saves = b.savesMinor > 0 ? `saves ${words.price(b.savesMinor)}` : '';
    const then =
      b.thenMinor < missingMinor.value - b.savesMinor
        ? `with it another menu lacks ${words.price(b.thenMinor)}`
        : '';
    return {
      id: b.kind,
      who,
      what: name,
      why: [saves, adds, then].filter(Boolean).join(' · '),
      text: `Hello ${who}! ${day} from ${e.from} at ours: if you would like to bring something, a bottle of ${name} would be lovely${b.adds > 0 ? `; we could make ${count(b.adds, 'drink')} more with it` : ''}. There will be food and water, and plenty without alcohol.`,
    };
  });
  const sober = e.guests
    .filter((g) => g.drives || g.noAlcohol)
    .map((g, i) => {
      const what =
        i === 0 && p.ice.bags > 0
          ? `${count(p.ice.bags, 'bag')} of ice`
          : 'some fruit: limes, lemons or an orange';
      return {
        id: g.id,
        who: g.name,
        what,
        why: g.drives ? 'drives' : 'drinks no alcohol',
        text: `Hello ${g.name}! ${day} from ${e.from} at ours: could you bring ${what}? There will be drinks without alcohol that are worth the way, and food.`,
      };
    });
  return [...bottles, ...sober].map((a) => ({ ...a, text: a.text.slice(0, 500) }));
});
async function take(text: string, who: string): Promise<void> {
  await copy(text);
  notices.say(`The message to ${who} is copied`);
}
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
