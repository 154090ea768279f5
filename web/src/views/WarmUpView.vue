<script setup lang="ts">
import Button from 'primevue/button';
import { ref, shallowRef, watch } from 'vue';
import { api, type Arrangement } from '../api/client';
import ScorePage from '../components/ScorePage.vue';
import { useChosen } from '../composables/useChosen';
import { usePlayer } from '../composables/usePlayer';
import { useTune } from '../composables/useTune';
import { useView } from '../composables/useView';

/** Scale, arpeggio, broken chord and cadence of the tune's key, to be played before it. */
const props = defineProps<{ id: number }>();

const tune = useTune(props.id);
const warmUp = shallowRef<Arrangement>();
const trouble = ref('');
const chosen = useChosen(warmUp);
const player = usePlayer(warmUp, chosen);
useView(
  () => warmUp.value?.title ?? 'Warm-up',
  () => warmUp.value,
);

watch(
  () => [tune.chart.value, tune.played.value] as const,
  async ([chart, played]) => {
    if (!played) return;
    try {
      warmUp.value = await api.warmUp(chart, played);
      trouble.value = '';
    } catch (error) {
      trouble.value = `${(error as Error).message}.`;
    }
  },
  { immediate: true },
);
const print = () => window.print();
</script>

<template>
  <main class="warm-up">
    <header>
      <h1>{{ warmUp?.title ?? '' }}</h1>
      <nav>
        <RouterLink :to="{ name: 'take', params: { id } }">Back to the lesson</RouterLink>
        <Button
          :label="player.state.value === 'still' ? 'Play' : 'Stop'"
          :icon="player.state.value === 'still' ? 'pi pi-play' : 'pi pi-stop'"
          @click="player.toggle"
        />
        <Button label="Print" icon="pi pi-print" @click="print" />
      </nav>
    </header>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ScorePage
      :tune="warmUp"
      :chosen="chosen.index.value"
      :typed-bar="undefined"
      :sounding="player.sounding"
      :loop="undefined"
      @choose="chosen.choose"
    />
  </main>
</template>

<style scoped>
.warm-up {
  max-width: 1180px;
  margin: 0 auto;
  padding: 20px 24px 40px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 20px;
}
h1 {
  margin: 0;
  font: 500 34px var(--titles);
}
nav {
  display: flex;
  align-items: center;
  gap: 16px;
}
nav a {
  color: var(--zest);
}
@media print {
  nav {
    display: none;
  }
  .warm-up {
    padding: 0;
  }
}
</style>
