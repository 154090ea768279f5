<script setup lang="ts">
import { computed } from 'vue';
import SheetPage from '../components/SheetPage.vue';
import SmallKeys from '../components/SmallKeys.vue';
import { useArrangement } from '../composables/useArrangement';
import { useTune } from '../composables/useTune';
import { useView } from '../composables/useView';

/** The whole tune's positions on small keyboards, bar by bar, for the music stand or the fridge. */
const props = defineProps<{ id: number }>();

const tune = useTune(props.id);
const { arrangement, trouble } = useArrangement(tune.chart, tune.played);
useView(
  () => `${arrangement.value?.title ?? 'Tune'}, positions`,
  () => arrangement.value,
);

/** One stretch of keys for all, so that places can be compared at a glance. */
const stretch = computed<[number, number]>(() => {
  const midis = (arrangement.value?.chords ?? []).flatMap(({ keys }) => keys.map((k) => k.midi));
  const low = Math.floor(Math.min(48, ...midis) / 12) * 12;
  const high = Math.ceil((Math.max(59, ...midis) + 1) / 12) * 12 - 1;
  return [low, Math.max(high, low + 23)];
});
const places = computed(() =>
  (arrangement.value?.chords ?? []).map((chord) => ({
    chord,
    bar: arrangement.value!.bars[chord.bar]!,
    first: arrangement.value!.chords[chord.index - 1]?.bar !== chord.bar,
  })),
);
</script>

<template>
  <SheetPage :id="id" class="positions" :title="arrangement?.title ?? ''">
    <template #words>
      <p>
        Left hand of {{ tune.student.value?.name }}. 5 is the little finger, 1 the thumb; a dot is
        middle C.
      </p>
    </template>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-if="arrangement && !places.length">There are no chords yet.</p>
    <ol>
      <li v-for="{ chord, bar, first } in places" :key="chord.index" :class="{ first }">
        <p class="head">
          <span class="bar">{{ first ? bar.number : '' }}</span>
          <b>{{ chord.symbol }}</b>
        </p>
        <SmallKeys :keys="chord.keys" :stretch="stretch" />
      </li>
    </ol>
  </SheetPage>
</template>

<style scoped>
ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 14px 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  break-inside: avoid;
}
.head {
  display: flex;
  gap: 8px;
  align-items: baseline;
  margin: 0 0 2px;
  font: 600 19px var(--titles);
}
.bar {
  min-width: 22px;
  color: var(--ink-soft);
  font: 400 16px var(--reading);
}
@media print {
  ol {
    grid-template-columns: repeat(4, 1fr);
  }
}
</style>
