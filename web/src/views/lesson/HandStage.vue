<script setup lang="ts">
import { computed } from 'vue';
import ChoicesPanel from '../../components/ChoicesPanel.vue';
import ChordPanel from '../../components/ChordPanel.vue';
import { useLesson } from './useLesson';

/** Laying the left hand: style, figure and hand, and the chosen chord in its ways. */
const { tune, arranged, arrangement, chord, onChord } = useLesson();
const { choices, student } = tune;
const moved = computed(() =>
  (arrangement.value?.chords ?? []).reduce((sum, one) => sum + one.moved, 0),
);
</script>

<template>
  <ChoicesPanel
    v-if="choices && student"
    v-model="choices"
    :hand="student.hand"
    :moved="moved"
    @update:hand="(hand) => student && (student = { ...student, hand })"
  />
  <ChordPanel v-bind="chord" :ways="arranged.ways.value ?? []" v-on="onChord" />
</template>
