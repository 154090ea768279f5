<script setup lang="ts">
import Button from 'primevue/button';
import { shallowRef, watch } from 'vue';
import { api, type Arrangement } from '../api/client';
import ScorePage from '../components/ScorePage.vue';
import SheetPage from '../components/SheetPage.vue';
import { useChosen } from '../composables/useChosen';
import { useLatest } from '../composables/useLatest';
import { usePlayer } from '../composables/usePlayer';
import { useTune } from '../composables/useTune';
import { useView } from '../composables/useView';

/** Scale, arpeggio, broken chord and cadence of the tune's key, to be played before it. */
const props = defineProps<{ id: number }>();

const tune = useTune(props.id);
const warmUp = shallowRef<Arrangement>();
const { ask, trouble } = useLatest();
const chosen = useChosen(warmUp);
const player = usePlayer(warmUp, chosen);
useView(
  () => warmUp.value?.title ?? 'Warm-up',
  () => warmUp.value,
);

watch(
  () => [tune.chart.value, tune.played.value] as const,
  ([chart, played]) => {
    if (!played) return;
    void ask(
      (signal) => api.warmUp(chart, played, signal),
      (found) => (warmUp.value = found),
    );
  },
  { immediate: true },
);
</script>

<template>
  <SheetPage :id="id" class="warm-up" :title="warmUp?.title ?? ''">
    <template #do>
      <Button
        :label="player.state.value === 'still' ? 'Play' : 'Stop'"
        :icon="player.state.value === 'still' ? 'pi pi-play' : 'pi pi-stop'"
        @click="player.toggle"
      />
    </template>
    <p v-if="trouble || tune.trouble.value" role="alert">{{ trouble || tune.trouble.value }}</p>
    <ScorePage
      :tune="warmUp"
      :chosen="chosen.index.value"
      :typed-bar="undefined"
      :sounding="player.sounding"
      :loop="undefined"
      @choose="chosen.choose"
    />
  </SheetPage>
</template>
