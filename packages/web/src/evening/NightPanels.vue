<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { useLog } from '../household/use-log';
import { useOrder } from '../household/use-order';
import CautionLine from '../ui/CautionLine.vue';
import AsksPanel from './AsksPanel.vue';
import { count, listed, useWords } from '../words/use-words';
import { useEvening } from './use-evening';
import { useNight } from './use-night';
import { SEAT, useNightPanels } from './use-night-panels';

/** On the night: tap who asks and what for; it flows into a round. */
const log = useLog();
const order = useOrder();
const words = useWords();
const { evening, plan } = useEvening();
const night = useNight();
const { isSettled, chosen, guest, pick, offered, make, end } = useNightPanels();
</script>

<template>
  <section v-if="!evening" class="panel">
    <p>Nobody is asked yet. <RouterLink to="/evening">Say who comes and when</RouterLink>.</p>
  </section>
  <section v-else-if="!isSettled" class="panel">
    <p v-if="plan">
      The menu: {{ listed(plan.drinks.map((d) => d.name)) }}. Once it is settled it stays, whatever runs out.
    </p>
    <p v-else>The menu is being worked out.</p>
    <v-btn v-if="plan" color="sea" @click="night.settle()">Settle the menu</v-btn>
  </section>
  <template v-else>
    <p v-if="evening.on !== log.evening()" class="rust" role="status">
      The evening is on {{ words.weekday(evening.on) }}: what is poured today is written down for today, and
      not counted here.
    </p>
    <AsksPanel class="asks" />
    <div class="two-columns night">
      <section class="panel" aria-labelledby="who-title">
        <h2 id="who-title">Who asks?</h2>
        <ul class="plain-list">
          <li v-for="g in evening.guests" :key="g.id">
            <button
              type="button"
              class="plain-button guest"
              :class="{ on: g.id === chosen }"
              :aria-pressed="g.id === chosen"
              @click="pick(g)"
            >
              <strong>{{ g.name }}<template v-if="g.drives">, driving</template></strong>
              <span class="dim">{{ night.sayHad(g) }}</span>
              <span v-if="night.waiting(g.name).length > 0" class="copper"
                >asked for {{ listed(night.waiting(g.name)) }}</span
              >
            </button>
          </li>
        </ul>
      </section>
      <div class="stack">
        <section class="panel" aria-labelledby="what-title">
          <h2 id="what-title">
            {{ guest ? `What for ${guest.name}?` : 'The menu'
            }}<small v-if="!guest" class="dim"> · tap who asks first</small>
          </h2>
          <ul class="plain-list">
            <li v-for="d in offered" :key="d.id" class="offer">
              <button
                type="button"
                class="plain-button drink"
                :disabled="!guest || d.seat === 'not' || d.isOut || order.isFull.value"
                :aria-label="guest ? `${d.name} for ${guest.name}` : d.name"
                @click="guest && night.ask(guest, d)"
              >
                <strong>{{ d.name }}</strong>
                <span v-if="guest && SEAT[d.seat]" :class="d.seat === 'not' ? 'rust' : 'sea'"
                  >{{ SEAT[d.seat] }}{{ d.why }}</span
                >
                <span :class="d.isLow ? 'rust' : 'dim'"
                  >{{ night.poured.value.get(d.id) ?? 0 }} of {{ d.glasses }} poured<template v-if="d.left"
                    >, {{ d.left }}</template
                  ></span
                >
              </button>
              <v-btn
                v-if="d.isLow"
                :aria-label="`Take ${d.name} off the menu`"
                @click="night.takeOff(d.id, d.name)"
                >Off the menu</v-btn
              >
            </li>
          </ul>
        </section>
        <section class="panel" aria-labelledby="round-title">
          <h2 id="round-title">
            This round
            <small class="dim">· {{ count(order.glasses.value, 'glass', 'glasses') }}</small>
          </h2>
          <ul class="plain-list">
            <li v-for="line in order.lines.value" :key="line.drink" class="line">
              <span class="words"
                ><strong>{{ line.count }} × {{ line.name }}</strong
                ><span class="dim">{{ listed(line.for) }}</span></span
              >
              <v-btn
                :aria-label="`One ${line.name} fewer`"
                @click="order.setCount(line.drink, line.count - 1)"
                >−</v-btn
              >
            </li>
          </ul>
          <p v-for="why in order.refused.value" :key="why" class="rust" role="alert">{{ why }}</p>
          <div v-if="order.lines.value.length > 0" class="buttons">
            <v-btn color="sea" :disabled="log.round !== null || order.refused.value.length > 0" @click="make"
              >Make it, step by step</v-btn
            >
            <v-btn :disabled="order.refused.value.length > 0" @click="order.writeDown()">It is served</v-btn>
          </div>
          <p v-else class="dim">Nothing is asked for.</p>
          <p v-if="log.round">
            <RouterLink to="/pour/round">A round is half made: go on</RouterLink>
          </p>
        </section>
        <v-btn @click="end">The evening is over</v-btn>
      </div>
    </div>
    <CautionLine>
      Water and food between. Standard drinks are a sum, not a judgement of how anybody is: nobody drives
      after a drink, and who is under age has none. Ask again about allergies before you pour.
    </CautionLine>
  </template>
</template>

<style scoped>
.guest,
.drink {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  width: 100%;
  min-height: 56px;
  padding: 8px 10px;
  text-align: start;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.guest strong,
.drink strong {
  font-size: 1.1875rem;
}

.guest.on {
  border-color: rgb(var(--v-theme-copper));
  box-shadow: inset 0 0 0 1.5px rgb(var(--v-theme-copper));
}

.drink:disabled {
  opacity: 0.55;
}

li {
  margin-bottom: 6px;
}

.offer,
.line {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
}

.words {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
}

.sea {
  color: rgb(var(--v-theme-sea));
}

a {
  color: inherit;
}

.asks,
.night {
  margin-bottom: 12px;
}
</style>
