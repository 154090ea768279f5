<script setup lang="ts">
import type { ArrangedChord, FingerMove } from '../api/client';

/** The sentences a teacher would say: what each finger does on the way to the next chord. */
defineProps<{
  chord: ArrangedChord | undefined;
  next: ArrangedChord | undefined;
  /** Whether it is not to be read aloud, as while music plays. */
  quiet: boolean;
}>();

const sign = (move: FingerMove) => `sign ${move.kind.toLowerCase()}`;

/** "2 → 3" where another finger takes over. */
function finger({ fingers: [from = 0, to = 0], kind }: FingerMove) {
  if (!from || !to || from === to) return `${Math.max(from, to)}`;
  const moves = kind === 'STEP' || kind === 'LEAP';
  return `${from} → ${to}${moves ? ' moves' : ''}`;
}
</script>

<template>
  <section class="moves" :aria-live="quiet ? 'off' : 'polite'" aria-label="What moves">
    <template v-if="chord && next">
      <h2>{{ chord.symbol }} <span class="to" aria-label="to">→</span> {{ next.symbol }}</h2>
      <p v-if="chord.toNext.sentence.startsWith('the whole')" class="whole">
        {{ chord.toNext.sentence }}
      </p>
      <ul v-else>
        <li v-for="(move, i) in chord.toNext.fingers" :key="i">
          <span :class="sign(move)" aria-hidden="true" />{{ finger(move) }} {{ move.words }}
        </li>
      </ul>
    </template>
    <template v-else-if="chord">
      <h2>{{ chord.symbol }}</h2>
      <p class="whole">the last chord: let it ring</p>
    </template>
  </section>
</template>

<style scoped>
.moves {
  min-width: 0;
}
h2 {
  font-size: 24px;
}
.to {
  color: var(--zest);
}
ul {
  margin: 6px 0 0;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  line-height: 1.5;
}
.whole {
  margin: 6px 0 0;
}
.sign {
  flex: none;
  width: 22px;
  height: 12px;
  position: relative;
}
.sign::before {
  content: '';
  position: absolute;
  left: 0;
  top: 4px;
  height: 4px;
  border-radius: 2px;
  background: var(--zest);
  width: 10px;
}
.sign.leap::before {
  width: 22px;
}
.sign.stays::before,
.sign.joins::before {
  top: 0;
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: none;
  border: 3px solid var(--zest);
}
.sign.joins::before {
  background: var(--zest);
}
.sign.lifts::before {
  background: none;
  border-top: 3px dotted var(--ink-soft);
  width: 14px;
}
</style>
