<script setup lang="ts">
import { computed } from 'vue';
import type { OwnFigure } from '../../api/client';
import ChordPanel from '../../components/ChordPanel.vue';
import HandTold from '../../components/HandTold.vue';
import LookFirst from '../../components/LookFirst.vue';
import { useLesson } from './useLesson';

/** Looking before playing. */
const { arrangement, chosen, chord, onChord, page, tune, compare, counts } = useLesson();
const numbers = computed(() => (arrangement.value?.bars ?? []).map(({ number }) => number));
function use(own: OwnFigure) {
  const choices = tune.choices.value;
  if (choices) tune.choices.value = { ...choices, figure: 'OWN', own };
}
</script>

<template>
  <ChordPanel v-bind="chord" v-on="onChord" />
  <LookFirst
    v-if="arrangement"
    :tune="arrangement"
    :bar="chosen.bar.value"
    :chord="chosen.index.value"
    @choose="chosen.choose"
    @choose-bar="chosen.chooseBar"
  >
    <HandTold
      v-if="tune.played.value"
      v-model:counts="counts"
      :chart="page.shown.value"
      :played="tune.played.value"
      :numbers="numbers"
      :bar="chosen.bar.value"
      :chord="chosen.index.value"
      @choose="chosen.choose"
      @choose-bar="chosen.chooseBar"
      @beside="compare.showChart"
      @use="use"
    />
  </LookFirst>
</template>
