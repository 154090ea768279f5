<script setup lang="ts">
import { computed } from 'vue';
import type { Choices } from '../../api/client';
import ChordPanel from '../../components/ChordPanel.vue';
import HarmonyPanel from '../../components/HarmonyPanel.vue';
import TuneTools from '../../components/TuneTools.vue';
import { useLesson } from './useLesson';

/** Bringing and writing the tune: chords for a bare one, note by note, other keys, earlier states. */
const { id, tune, arrangement, harmonies, page, player, writing, chord, onChord, hearProposal } =
  useLesson();
const guesses = computed(() => arrangement.value?.chords.filter(({ guess }) => guess).length ?? 0);

const played = computed(() =>
  tune.players.value.map(({ id: assignment, choices }) => ({
    assignment,
    choices: choices.value.value,
  })),
);
/** An earlier state is played as it was by those who play it still. */
function playAs(played: { assignment: number; choices: Choices }[]) {
  for (const { assignment, choices: then } of played) {
    const now = tune.players.value.find((one) => one.id === assignment);
    if (now) now.choices.value.value = then;
  }
}
</script>

<template>
  <HarmonyPanel
    v-if="harmonies.wanted.value"
    :proposals="harmonies.proposals.value"
    :level="harmonies.level.value"
    :looking="page.looked.value !== undefined"
    :playing="player.state.value !== 'still'"
    :trouble="harmonies.trouble.value"
    @look="harmonies.look"
    @hear="hearProposal"
    @keep="harmonies.keep"
    @leave="harmonies.leave"
  />
  <ChordPanel v-bind="chord" v-on="onChord" />
  <button
    class="note-by-note plain-button"
    :aria-pressed="writing"
    title="W"
    @click="writing = !writing"
  >
    <i class="pi pi-plus" aria-hidden="true" /> Write the tune or the left hand note by note
  </button>
  <TuneTools
    :id="id"
    v-model:chart="tune.chart.value"
    :guesses="guesses"
    :played="played"
    @play-as="playAs"
  />
</template>

<style scoped>
.note-by-note {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
.note-by-note[aria-pressed='true'] {
  background: var(--zest-wash);
  border-color: var(--zest);
}
</style>
