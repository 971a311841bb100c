<script setup lang="ts">
import { useEventListener, useWakeLock } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref, useTemplateRef, watch } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { useLog } from '../household/use-log';
import CautionLine from '../ui/CautionLine.vue';
import InTheGlass from './InTheGlass.vue';
import MeasureDrawing from './MeasureDrawing.vue';
import OvershootPanel from './OvershootPanel.vue';
import PouredMore from './PouredMore.vue';
import RoundStrip from './RoundStrip.vue';
import WaterCurve from './WaterCurve.vue';
import { useAsSweet } from './use-as-sweet';
import { useRoundInHand } from './use-round-in-hand';
import { useSpeech } from './use-speech';
import { useStepWords } from './use-step-words';

/** One thing at a time, readable from two metres: the whole stage is one target that goes on. */
const log = useLog();
const router = useRouter();
const { inHand, current, isLast, timed, running, on, back, giveUp } = useRoundInHand();
const stepWords = useStepWords();
const speech = useSpeech();
const { asSweet } = useAsSweet();
const stage = useTemplateRef('stage');

const words = computed(() => (current.value ? stepWords.say(current.value) : undefined));
const standIn = computed(() => (current.value ? stepWords.standIn(current.value) : undefined));
const cautions = computed(() => {
  const step = current.value;
  const drink = step?.order === null ? undefined : inHand.value?.orders[step?.order ?? 0]?.drink;
  return step ? stepWords.cautions(step, drink) : [];
});
const isPart = computed(() => (current.value?.part ?? null) !== null && current.value?.act !== 'squeeze');
const doing = computed(() => {
  if (isLast.value) return 'It is served';
  if (timed.value)
    return running.value ? 'Stop' : current.value?.act === 'stir' ? 'Begin to stir' : 'Begin to shake';
  return isPart.value ? 'It is in' : 'Done';
});
const confirming = ref(false);

// The screen stays on while hands are wet.
const wake = useWakeLock();
onMounted(() => {
  void wake.request('screen').catch(() => undefined);
  stage.value?.focus();
});
onBeforeUnmount(() => void wake.release().catch(() => undefined));

watch(
  () => current.value?.id,
  () => {
    if (words.value) speech.say([words.value.figure, words.value.name, words.value.where].join(' '));
  },
);

async function goOn(ml?: number): Promise<void> {
  const id = log.round?.id;
  const served = isLast.value;
  on(ml);
  if (served && id) await router.push(`/pour/served/${id}`);
}
/** What takes a tap for itself. */
const OWN = 'a, button, input, label, select, textarea, [role=button], [role=dialog], summary, .keeps-taps';
function tap(event: MouseEvent): void {
  if (event.target instanceof Element && event.target.closest(OWN)) return;
  void goOn();
}
/** Space, Enter, or a pedal that turns pages. */
const FORWARD = new Set([' ', 'Enter', 'PageDown', 'ArrowRight']);
const BACK = new Set(['Backspace', 'PageUp', 'ArrowLeft']);
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || log.round === null) return;
  const { target } = event;
  if (target instanceof Element && target.closest(OWN) && !event.key.startsWith('Page')) return;
  if (FORWARD.has(event.key)) void goOn();
  else if (BACK.has(event.key)) back();
  else return;
  event.preventDefault();
});
async function stopHere(): Promise<void> {
  giveUp();
  await router.push('/pour');
}
</script>

<template>
  <section v-if="!inHand || !current || !words" class="panel">
    <p>Nothing is being made. <RouterLink to="/pour">Choose what to pour</RouterLink>.</p>
  </section>
  <!-- eslint-disable-next-line vuejs-accessibility/click-events-have-key-events -->
  <div v-else ref="stage" class="stage" tabindex="-1" @click="tap">
    <RoundStrip class="strip panel" />
    <section class="panel middle" aria-label="The step">
      <p class="say" aria-live="assertive">
        <span class="figure display">{{ words.figure }}</span>{{ ' ' }}
        <span class="name display">{{ words.name }}</span>{{ ' ' }}
        <span class="where">{{ words.where }}</span>
      </p>
      <p v-if="isPart && asSweet(current)" class="dim">{{ asSweet(current) }}</p>
      <p v-if="current.more" class="more">Once more: another part went over.</p>
      <OvershootPanel />
      <div class="drawing">
        <WaterCurve v-if="timed" />
        <MeasureDrawing v-else-if="isPart" />
        <p v-else-if="standIn" class="hard dim">With your {{ standIn.name }}: {{ standIn.hard }}</p>
      </div>
      <CautionLine v-for="caution in cautions" :key="caution">{{ caution }}</CautionLine>
      <div class="buttons keeps-taps">
        <v-btn class="on" @click="goOn()"
          >{{ doing }}&nbsp;<span class="hint">space, or tap anywhere</span></v-btn
        >
        <PouredMore v-if="isPart && current.part?.ml" @poured="goOn" />
        <v-btn class="back" :disabled="inHand.place === 0 && !running" @click="back">One step back</v-btn>
      </div>
    </section>
    <div class="panel right">
      <InTheGlass />
      <div class="quiet keeps-taps">
        <button
          v-if="speech.isSupported.value"
          class="plain-button link"
          type="button"
          :aria-pressed="speech.isOn.value"
          @click="speech.toggle"
        >
          {{ speech.isOn.value ? 'Stop speaking' : 'Speak the steps' }}
        </button>
        <button v-if="!confirming" class="plain-button link dim" type="button" @click="confirming = true">
          Cancel it
        </button>
        <template v-else>
          <p class="dim">What is in comes off the bottles, and nothing counts as drunk.</p>
          <v-btn @click="stopHere">Cancel it</v-btn>
          <v-btn @click="confirming = false">Go on</v-btn>
        </template>
      </div>
    </div>
  </div>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr) 220px;
  gap: 14px;
  min-height: calc(100vh - 150px);
  cursor: pointer;
  outline: none;
}

.middle {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.say {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  align-items: baseline;
  margin: 0;
}

.figure {
  font-size: clamp(3.75rem, 6.4vw, 5.4rem);
  line-height: 1.05;
}

.name {
  font-size: clamp(1.75rem, 3vw, 2.4rem);
}

.where {
  flex-basis: 100%;
  font-size: 1.75rem;
  color: rgb(var(--v-theme-dim));
}

.more {
  margin: 0;
  font-size: 1.25rem;
}

.hard {
  font-size: 1.375rem;
}

.drawing {
  flex: 1;
  display: grid;
  align-items: center;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

.on {
  flex: 1 1 250px;
  min-height: 64px;
  font-size: 1.25rem;
  background: rgb(var(--v-theme-ink));
  color: rgb(var(--v-theme-panel));
}

.hint {
  font-weight: 400;
  font-size: 1rem;
}

.right {
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.quiet {
  margin-top: auto;
  display: grid;
  gap: 6px;
  justify-items: start;
}

.quiet p {
  margin: 0;
  font-size: 0.9375rem;
}

@media (max-width: 1080px) {
  .stage {
    grid-template-columns: minmax(0, 1fr) 200px;
  }

  .strip {
    grid-column: 1 / -1;
  }
}

@media (max-width: 700px) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
    min-height: 0;
  }

  .middle {
    order: -1;
  }

  .buttons {
    position: sticky;
    inset-block-end: 72px;
    padding-block: 8px;
    background: rgb(var(--v-theme-panel));
  }

  .on {
    flex-basis: 100%;
  }
}
</style>
