<script setup lang="ts">
import ChordPanel from '../../components/ChordPanel.vue';
import LookFirst from '../../components/LookFirst.vue';
import { useLesson } from './useLesson';

/** Looking before playing. */
const { arrangement, chosen, chord, onChord } = useLesson();
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
  />
</template>
