<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useLatest } from '../composables/useLatest';
import { api, type Played, type StyleEffect } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import PanelHead from './PanelHead.vue';
import SmallKeys from './SmallKeys.vue';

/** Every style with its picture, its level and what it would do to this tune, before one is taken. */
const props = defineProps<{ chart: string; played: Played }>();
const emit = defineEmits<{ choose: [style: string]; close: [] }>();

const catalogue = useCatalogue();
const effects = ref<StyleEffect[]>([]);
const { ask, trouble } = useLatest();
onMounted(() =>
  ask(
    (signal) => api.styles(props.chart, props.played, signal),
    (found) => (effects.value = found),
  ),
);
const rows = computed(() =>
  (catalogue.value?.styles ?? []).map((style) => ({
    ...style,
    effect: effects.value.find((one) => one.style === style.id),
  })),
);
function does({ moved, toLearn, thinned, besideTheTune, chords }: StyleEffect) {
  const bars = `${toLearn} ${toLearn === 1 ? 'bar' : 'bars'} to learn`;
  const thin = !thinned
    ? ''
    : thinned === chords
      ? ' Too wide for this hand: it plays fewer notes.'
      : ` ${thinned} of ${chords} chords too wide.`;
  const beside = besideTheTune
    ? ` With the tune too much for the right hand at ${besideTheTune} of ${chords} chords: let it be sung.`
    : '';
  return `${moved} half steps, ${bars}.${thin}${beside}`;
}
</script>

<template>
  <section aria-label="Voicings">
    <PanelHead title="Voicings" @close="emit('close')" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ul class="styles">
      <li v-for="row in rows" :key="row.id">
        <button
          class="plain-button"
          :aria-pressed="row.id === played.choices.style"
          @click="emit('choose', row.id)"
        >
          <span class="name"
            >{{ row.name }} <small>level {{ row.effect?.step ?? row.level }}</small></span
          >
          <SmallKeys
            v-if="row.effect"
            class="picture"
            :keys="row.effect.keys"
            :stretch="[36, 71]"
          />
          <span class="words">
            {{ row.words }}{{ row.hand && `, for a hand that spans ${row.hand}` }}.
            <span v-if="row.effect" class="does">{{ does(row.effect) }}</span>
          </span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.styles {
  display: grid;
  gap: 6px;
  margin: 8px 0 0;
}
button {
  display: grid;
  gap: 2px;
  width: 100%;
  padding: 5px 10px;
  border: 2px solid var(--line);
  border-radius: 12px;
  text-align: left;
}
button:hover {
  background: var(--page);
}
button[aria-pressed='true'] {
  border-color: var(--zest);
}
.name {
  display: flex;
  justify-content: space-between;
  font: 600 18px var(--titles);
}
small {
  font: 400 16px var(--reading);
  color: var(--ink-soft);
}
.words {
  font-size: 16px;
  line-height: 1.25;
}
.does {
  color: var(--ink-soft);
}
.trouble {
  color: var(--caution);
}
</style>
