<script setup lang="ts">
import { shallowRef, watch } from 'vue';
import { api, type Arrangement, type Played } from '../api/client';
import { useLatest } from '../composables/useLatest';
import ScorePage from './ScorePage.vue';

/** A chart as it will look, to be seen and not touched. */
const props = defineProps<{ chart: string }>();

const arrange = api.arranger();
/** The server has the usual choices and hand for what is not told. */
const USUAL = {} as Played;
const arrangement = shallowRef<Arrangement>();
const { ask, drop, trouble } = useLatest();

watch(
  () => props.chart,
  (chart) => {
    drop();
    void ask(
      (signal) => arrange(chart, USUAL, 'NONE', -1, signal),
      (answer) => (arrangement.value = answer.arrangement),
    );
  },
  { immediate: true },
);
const nothing = new Map<string, number>();
</script>

<template>
  <p v-if="trouble" role="alert">{{ trouble }}</p>
  <div class="picture" tabindex="0" role="group" aria-label="How it will look">
    <div inert>
      <ScorePage
        v-if="arrangement"
        :tune="arrangement"
        :chosen="-1"
        :typed-bar="undefined"
        :sounding="nothing"
        :loop="undefined"
        small
      />
    </div>
  </div>
</template>

<style scoped>
.picture {
  min-height: 180px;
  max-height: 340px;
  overflow: auto;
  border-radius: 12px;
  background: var(--paper);
}
</style>
