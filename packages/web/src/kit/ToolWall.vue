<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { ref } from 'vue';
import { count, useWords } from '../words/use-words';
import HungDrawing from './HungDrawing.vue';
import { KITCHEN_DRAWINGS, PLAIN_DRAWING, TOOL_DRAWINGS } from './tool-drawings';
import ToolPanel from './ToolPanel.vue';
import ToolTable from './ToolTable.vue';
import { useOwnership } from './use-ownership';
import { useWall, type HungTool } from './use-wall';

const words = useWords();
const { rails } = useWall();
const { toggleTool, toggleThing } = useOwnership();

const asTable = ref(false);
const selected = ref<string>();

function sayTool({ tool, state, priceMinor, closes }: HungTool): string {
  if (state === 'owned') return `${tool.name}, yours`;
  const price = priceMinor === undefined ? '' : `, ${words.price(priceMinor)}`;
  return state === 'buy'
    ? `${tool.name}, to buy${price}, adds ${count(closes, 'drink')}`
    : `${tool.name}, not needed${price}`;
}
</script>

<template>
  <section class="panel" aria-labelledby="wall-title" @keydown.t.exact="asTable = !asTable">
    <div class="panel-head">
      <h2 id="wall-title">
        The wall <small class="dim">· tap what you own; the lower hooks are the kitchen’s</small>
      </h2>
      <v-btn size="small" height="44" :aria-pressed="asTable" @click="asTable = !asTable">{{
        asTable ? 'Wall' : 'Table'
      }}</v-btn>
    </div>
    <ToolTable v-if="asTable" />
    <div v-else class="wall">
      <div v-for="rail in rails" :key="rail.name" class="rail" role="group" :aria-label="rail.name">
        <p class="title">
          <strong>{{ rail.name }}</strong>
          <span class="dim">{{
            rail.needed > 0
              ? ` · ${count(rail.needed, 'drink')}`
              : rail.finishing > 0
                ? ` · dresses ${rail.finishing}`
                : ''
          }}</span>
          <span v-if="rail.word" :class="rail.lacks ? 'lacks' : 'covered'"> · {{ rail.word }}</span>
        </p>
        <ul class="plain-list hooks">
          <li v-for="hung in rail.tools" :key="hung.tool.id">
            <button
              class="plain-button peg"
              :class="{ chosen: selected === hung.tool.id }"
              type="button"
              :aria-pressed="hung.state === 'owned'"
              :aria-label="sayTool(hung)"
              @focus="selected = hung.tool.id"
              @click="toggleTool(hung.tool.id)"
            >
              <HungDrawing :drawing="TOOL_DRAWINGS[hung.tool.id] ?? PLAIN_DRAWING" :state="hung.state" />
              <span class="name">{{ hung.tool.name }}</span>
              <span v-if="hung.state === 'owned'" class="note dim">yours</span>
              <template v-else-if="hung.state === 'buy'">
                <span class="note copper">{{ words.price(hung.priceMinor ?? 0) }}</span>
                <span class="note copper">adds {{ hung.closes }}</span>
              </template>
            </button>
          </li>
        </ul>
        <ul v-if="rail.things.length > 0" class="plain-list hooks lower">
          <li v-for="hung in rail.things" :key="hung.thing.id">
            <button
              class="plain-button peg small"
              type="button"
              :aria-pressed="hung.owned"
              :aria-label="`${hung.thing.name}, from the kitchen${hung.owned ? ', yours' : ''}${hung.serves ? ', stands in' : ''}`"
              @focus="selected = hung.thing.id"
              @click="toggleThing(hung.thing.id)"
            >
              <HungDrawing
                :drawing="KITCHEN_DRAWINGS[hung.thing.id] ?? PLAIN_DRAWING"
                :state="hung.owned ? 'owned' : 'spare'"
                kitchen
              />
              <span class="name">{{ lowerFirst(hung.thing.name) }}</span>
              <span v-if="hung.serves" class="note sea">stands in</span>
            </button>
          </li>
        </ul>
      </div>
    </div>
    <ToolPanel v-if="selected && !asTable" :id="selected" @close="selected = undefined" />
    <p class="dim legend">filled = yours · dashed copper = worth buying · thin = nothing needs it</p>
  </section>
</template>

<style scoped>
.wall {
  display: flex;
  flex-wrap: wrap;
  gap: 16px 24px;
}

.rail {
  flex: 1 1 auto;
  max-width: 100%;
}

.title {
  margin: 0 0 4px;
  font-size: 0.9375rem;
}

.lacks {
  color: rgb(var(--v-theme-rust));
}

.covered,
.sea {
  color: rgb(var(--v-theme-sea));
}

.hooks {
  display: flex;
  flex-wrap: wrap;
  gap: 0 2px;
  padding: 0 4px;
  border-top: 6px solid rgb(var(--v-theme-wood));
}

.lower {
  margin-top: 6px;
  border-top-width: 2px;
}

.peg {
  display: flex;
  flex-direction: column;
  align-items: center;
  width: 88px;
  min-height: 132px;
  padding: 0 2px 6px;
  text-align: center;
  border-radius: 0 0 var(--radius) var(--radius);
}

.small {
  width: 78px;
  min-height: 96px;
}

.peg:focus-visible {
  outline-offset: -3px;
}

.peg:hover,
.chosen {
  background: rgb(var(--v-theme-wall));
}

.name {
  font-size: 0.875rem;
  line-height: 1.15;
  overflow-wrap: anywhere;
}

.small .name {
  font-size: 0.8125rem;
  color: rgb(var(--v-theme-dim));
}

.note {
  font-size: 0.8125rem;
  font-weight: 600;
}

.legend {
  margin: 10px 0 0;
  font-size: 0.875rem;
}

@media (max-width: 600px) {
  .hooks {
    flex-wrap: nowrap;
    overflow-x: auto;
  }

  .hooks li {
    flex: none;
  }

  .peg {
    width: 86px;
  }
}
</style>
