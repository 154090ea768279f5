<script setup lang="ts">
import { BALANCES, type BarRange } from '../player/timeline';
import { tempoWords } from '../player/words';
import OneOf from './OneOf.vue';

/** Play, loop, tempo, click. */
const props = defineProps<{
  state: 'still' | 'loading' | 'playing';
  bar: number;
  /** What the written bars are called, in order. */
  bars: number[];
  stated: number;
  /** Quarter notes in a felt beat. */
  beatLength: number;
  trouble: string;
  /** The bar that sounds, as a teacher calls it; empty while still. */
  call: string;
  /** Whether there is a tune to be balanced against, and nothing else says what is heard. */
  hasTune: boolean;
}>();
const tempo = defineModel<number>('tempo', { required: true });
/** Where it clicks; see CLICKS. */
const click = defineModel<string>('click', { required: true });
const balance = defineModel<string>('balance', { required: true });
const loop = defineModel<BarRange | undefined>('loop', { required: true });
const emit = defineEmits<{ toggle: [] }>();

const toggleLoop = () => (loop.value = loop.value ? undefined : { from: props.bar, to: props.bar });

function setLoop(end: 'from' | 'to', event: Event) {
  const bar = props.bars.indexOf(Number((event.target as HTMLInputElement).value));
  if (!loop.value || bar < 0) return;
  const range = { ...loop.value, [end]: bar };
  loop.value = { from: Math.min(range.from, range.to), to: Math.max(range.from, range.to) };
}
</script>

<template>
  <section class="transport" aria-label="Listen">
    <div class="row">
      <button
        class="play plain-button"
        :aria-label="state === 'still' ? 'Play' : 'Stop'"
        :data-state="state"
        @click="emit('toggle')"
      >
        <i
          class="pi"
          :class="
            state === 'still' ? 'pi-play' : state === 'playing' ? 'pi-stop' : 'pi-spin pi-spinner'
          "
        />
      </button>
      <button class="toggle plain-button" :aria-pressed="loop !== undefined" @click="toggleLoop">
        <i class="pi pi-replay" aria-hidden="true" /> Loop
      </button>
      <button
        class="toggle plain-button"
        :aria-pressed="click !== 'off'"
        @click="click = click === 'off' ? 'beats' : 'off'"
      >
        <i class="pi pi-stopwatch" aria-hidden="true" /> Click
      </button>
    </div>
    <p v-if="call && !loop" class="call">{{ call }}</p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="loop" class="row loop">
      bars
      <input
        type="number"
        :min="bars[0]"
        :max="bars.at(-1)"
        :value="bars[loop.from]"
        aria-label="Loop from bar"
        @change="setLoop('from', $event)"
      />
      to
      <input
        type="number"
        :min="bars[0]"
        :max="bars.at(-1)"
        :value="bars[loop.to]"
        aria-label="Loop to bar"
        @change="setLoop('to', $event)"
      />
    </div>
    <OneOf
      v-if="hasTune"
      name="What is heard over what"
      :chosen="balance"
      :of="BALANCES"
      @choose="(id) => (balance = id)"
    />
    <label class="tempo">
      <span>{{ tempoWords(beatLength, tempo) }}</span>
      <input v-model.number="tempo" type="range" min="20" :max="Math.max(200, stated)" step="2" />
    </label>
  </section>
</template>

<style scoped>
.call {
  margin: 0;
  font-weight: 600;
}
.transport {
  display: grid;
  gap: 8px;
  align-content: center;
}
.row {
  display: flex;
  align-items: center;
  gap: 6px;
}
.play {
  width: 60px;
  height: 60px;
  border-radius: 50%;
  background: var(--zest);
  color: var(--page);
  display: grid;
  place-items: center;
  flex: none;
}
.play .pi {
  font-size: 24px;
}
.toggle {
  min-height: 44px;
  padding: 0 9px;
  border-radius: 10px;
  white-space: nowrap;
}
.toggle[aria-pressed='true'] {
  background: var(--zest-wash);
  font-weight: 600;
}
.loop input {
  width: 62px;
  min-height: 40px;
  font: inherit;
  color: inherit;
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 0 8px;
}
.tempo {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 10px;
  white-space: nowrap;
}
.tempo input {
  width: 100%;
  min-height: 32px;
  accent-color: var(--zest);
}
.trouble {
  margin: 0;
  color: var(--caution);
  font-size: 16px;
}
</style>
