<script setup lang="ts">
import ChoicesPanel from '../../components/ChoicesPanel.vue';
import ChordPanel from '../../components/ChordPanel.vue';
import { useLesson } from './useLesson';

/** Laying the left hand: style, figure and hand, and the chosen chord in its ways. */
const { tune, arranged, chord, onChord } = useLesson();
const { choices, student } = tune;
</script>

<template>
  <ChoicesPanel
    v-if="choices && student"
    v-model="choices"
    :hand="student.hand"
    @update:hand="(hand) => student && (student = { ...student, hand })"
  />
  <ChordPanel v-bind="chord" :ways="arranged.ways.value ?? []" v-on="onChord" />
</template>
