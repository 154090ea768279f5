<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed, onMounted, onScopeDispose, ref, watch } from 'vue';
import type { AskedChord } from '../api/client';
import AnswerKeys from '../components/AnswerKeys.vue';
import { keyAbove, keyNamed, keyOf } from '../components/keyboard';
import MarkSign from '../components/MarkSign.vue';
import ScorePage from '../components/ScorePage.vue';
import { useAnswer } from '../composables/useAnswer';
import { useArrangement } from '../composables/useArrangement';
import { useChosen } from '../composables/useChosen';
import { useKeyboards } from '../composables/useKeyboards';
import { usePlayer } from '../composables/usePlayer';
import { useView } from '../composables/useView';
import { isTyping } from '../editor/typing';

/** A student at the piano: the music, one chord at a time, large keys, and a patient word. */
const props = defineProps<{ code: string }>();

const C3 = 48;
const MIDDLE_OF_THE_HAND = 50;

const answer = useAnswer(props.code);
const { sheet } = answer;
const at = ref(0);
const place = computed(() => sheet.value?.places[at.value]);
const keys = computed(() => (place.value ? answer.keysOf(place.value.chord) : []));
const finished = computed(() => sheet.value?.finished ?? false);
const hand = computed(() => sheet.value?.hand);
const range = computed((): [number, number] => {
  const all = sheet.value?.places.flatMap(({ chord }) => answer.keysOf(chord)) ?? [];
  const low = Math.min(keyNamed(hand.value?.lowest ?? 'E2'), ...all);
  const high = Math.max(keyNamed(hand.value?.highest ?? 'E4'), ...all);
  return [Math.max(21, low), Math.min(108, high)];
});

const chart = computed(() => sheet.value?.chart ?? '');
const played = computed(() =>
  sheet.value ? { choices: sheet.value.choices, hand: sheet.value.hand } : undefined,
);
const { arrangement: found } = useArrangement(chart, played, ref(false));
/** What is to be watched out for the mark says, and when it is time. */
const arrangement = computed(
  () =>
    found.value && {
      ...found.value,
      findings: [],
      analysis: { ...found.value.analysis, progressions: [] },
    },
);
const chosen = useChosen(arrangement);
const player = usePlayer(arrangement, chosen);
watch([place, arrangement], () => place.value && chosen.choose(place.value.chord));

useView(
  () => sheet.value?.title ?? 'Exercise',
  () => sheet.value,
);

function choose(chord: number) {
  const there = sheet.value?.places.findIndex((one) => one.chord === chord) ?? -1;
  if (there >= 0) at.value = there;
}
const go = (to: number) =>
  (at.value = Math.max(0, Math.min((sheet.value?.places.length ?? 1) - 1, to)));

function set(now: number[]) {
  if (place.value && !finished.value) answer.play(place.value.chord, now);
}
const press = (midi: number) =>
  set(
    keys.value.includes(midi)
      ? keys.value.filter((key) => key !== midi)
      : [...keys.value, midi].sort((a, b) => a - b),
  );
/** Moves the key that was pressed last. */
const last = ref(MIDDLE_OF_THE_HAND);
function shift(by: number) {
  if (!keys.value.includes(last.value)) return;
  set([...keys.value.filter((key) => key !== last.value), last.value + by].sort((a, b) => a - b));
  last.value += by;
}
function letter(name: string) {
  // Chords are typed from the bottom up.
  const highest = keys.value.at(-1);
  const midi = highest === undefined ? keyOf(name, MIDDLE_OF_THE_HAND) : keyAbove(name, highest);
  last.value = midi;
  press(midi);
}

const { keyboards, refusal, find } = useKeyboards(C3);
const keyboard = ref('');
let stop = () => {};
watch(keyboard, (id) => {
  stop();
  const chosenOne = keyboards.value.find((one) => one.id === id);
  // A chord begins anew once all keys were let go; keys that a sensor holds for ever begin it anew as well.
  const held = new Set<number>();
  stop =
    chosenOne?.listen(
      (midi) => {
        const before = held.size ? keys.value : [];
        held.add(midi);
        set([...new Set([...before, midi])].sort((a, b) => a - b));
      },
      (midi) => void held.delete(midi),
    ) ?? (() => {});
});
onScopeDispose(() => stop());

function onKey(event: KeyboardEvent) {
  const target = event.target as HTMLElement;
  if (event.ctrlKey || event.metaKey || event.altKey || isTyping(target)) return;
  if (target.closest('[role="combobox"], [role="listbox"]')) return;
  const onButton = target.closest('button, a') !== null;
  const actions: Record<string, () => void> = {
    ArrowRight: () => go(at.value + 1),
    ArrowLeft: () => go(at.value - 1),
    ArrowUp: () => shift(12),
    ArrowDown: () => shift(-12),
    '#': () => shift(1),
    _: () => shift(-1),
    Backspace: () => set([]),
    ...(onButton ? {} : { Enter: () => go(at.value + 1), ' ': () => player.toggle() }),
  };
  const act = /^[a-gA-G]$/.test(event.key) ? () => letter(event.key) : actions[event.key];
  if (!act) return;
  event.preventDefault();
  act();
}
onMounted(() => {
  void answer.load();
  void find();
  window.addEventListener('keydown', onKey);
});
onScopeDispose(() => window.removeEventListener('keydown', onKey));

/** The first chord that waits for an answer, or to be looked at again. */
watch(
  () => sheet.value?.attempt,
  () => {
    const open = (sheet.value?.places ?? []).findIndex(
      ({ chord, mark }) => !answer.keysOf(chord).length || (mark && mark.verdict !== 'RIGHT'),
    );
    at.value = Math.max(0, open);
  },
);

const VERDICTS = {
  RIGHT: 'Right',
  NEARLY: 'Nearly',
  NOT_YET: 'Not yet',
  NOT_ANSWERED: 'Not answered',
} as const;
const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const barOf = ({ bar }: AskedChord) => (bar ? `bar ${bar}` : 'pickup');
const what = computed(() =>
  sheet.value?.asked === 'BASS' ? 'Play its bass, one note.' : 'Play it with your left hand.',
);
const verdict = computed(() => {
  const mark = place.value?.mark;
  if (mark && mark.verdict !== 'NOT_ANSWERED') return `${VERDICTS[mark.verdict]}.`;
  return finished.value ? `${VERDICTS.NOT_ANSWERED}.` : what.value;
});
const said = computed(() => {
  const mark = place.value?.mark;
  if (!mark || mark.verdict === 'NOT_ANSWERED') return [];
  if (mark.verdict === 'RIGHT') return [];
  const words = mark.words.map(capital);
  return mark.nearer.length ? [...words, 'The rings on the keys show where'] : words;
});
const answered = computed(
  () => sheet.value?.places.filter(({ chord }) => answer.keysOf(chord).length).length ?? 0,
);
const isWhole = computed(() => answered.value === sheet.value?.places.length);
const praise = computed(() => {
  const s = sheet.value;
  if (!s?.finished) return '';
  if (s.smoother) return `All right, and ${s.smoother} half steps smoother than the key!`;
  if (s.points === s.most) return 'All right!';
  const right = s.places.filter(({ mark }) => mark?.verdict === 'RIGHT').length;
  return `${right} of ${s.places.length} chords are right.`;
});
</script>

<template>
  <main class="answer">
    <header>
      <div>
        <h1>{{ sheet?.title ?? ' ' }}</h1>
        <p v-if="sheet">
          <span v-if="sheet.student">For {{ sheet.student }}. </span>{{ sheet.words }}
        </p>
      </div>
      <p class="line" role="status">
        <template v-if="answer.away.value">
          The line is down; what you play stays here until it is back.
        </template>
      </p>
    </header>
    <p v-if="answer.trouble.value" class="trouble" role="alert">
      {{ capital(answer.trouble.value) }}
    </p>
    <template v-if="sheet">
      <ScorePage
        :tune="arrangement"
        :chosen="chosen.index.value"
        :typed-bar="undefined"
        :sounding="player.sounding"
        :loop="undefined"
        @choose="choose"
      />
      <nav class="places" aria-label="Chords to find">
        <button
          v-for="(one, i) in sheet.places"
          :key="one.chord"
          class="place plain-button"
          :class="{ answered: answer.keysOf(one.chord).length }"
          :aria-current="i === at"
          :aria-label="`${barOf(one)}: ${one.symbol}${one.mark ? `, ${VERDICTS[one.mark.verdict]}` : ''}`"
          @click="go(i)"
        >
          <MarkSign v-if="one.mark" :verdict="one.mark.verdict" />
          <b>{{ one.symbol }}</b>
        </button>
      </nav>
      <section class="now" aria-label="This chord">
        <div class="words" aria-live="polite">
          <template v-if="praise">
            <p class="praise">{{ praise }}</p>
            <p v-if="sheet.said" class="from-teacher">{{ sheet.said }}</p>
          </template>
          <p v-if="place" class="ask">
            <b>{{ capital(barOf(place)) }}: {{ place.symbol }}.</b>
            {{ verdict }}
          </p>
          <p v-for="word in said" :key="word" class="word">{{ word }}.</p>
        </div>
        <div class="do">
          <Button
            :label="player.state.value === 'still' ? 'Hear it' : 'Stop'"
            variant="outlined"
            @click="player.toggle"
          />
          <template v-if="!finished">
            <Button
              label="Clear"
              variant="outlined"
              :disabled="!keys.length"
              title="Backspace"
              @click="set([])"
            />
            <Button
              v-if="at + 1 < sheet.places.length"
              label="Next chord"
              :variant="isWhole ? 'outlined' : undefined"
              title="Enter"
              @click="go(at + 1)"
            />
            <Button
              v-if="isWhole || at + 1 === sheet.places.length"
              label="I am done"
              :disabled="!answered || answer.busy.value"
              @click="answer.finish"
            />
          </template>
          <Button
            v-else-if="sheet.triesLeft !== 0 && sheet.points < sheet.most"
            label="Try again"
            :disabled="answer.busy.value"
            @click="answer.again"
          />
          <Select
            v-if="!finished"
            v-model="keyboard"
            :options="keyboards"
            option-label="name"
            option-value="id"
            placeholder="Play it on a keyboard"
            aria-label="Play it on a MIDI keyboard"
          >
            <template v-if="refusal" #footer>
              <p class="refusal">{{ refusal }}</p>
            </template>
          </Select>
        </div>
      </section>
      <AnswerKeys
        :range="range"
        :keys="keys"
        :nearer="place?.mark?.nearer ?? []"
        :disabled="finished"
        @press="
          (midi) => {
            last = midi;
            press(midi);
          }
        "
      />
    </template>
  </main>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr) auto auto 190px;
  gap: 8px;
  height: 100%;
  max-width: 1280px;
  margin: 0 auto;
  padding: 12px 20px 14px;
}
.answer > :deep(.score) {
  grid-row: 3;
}
header {
  display: flex;
  justify-content: space-between;
  gap: 20px;
}
h1 {
  font-size: 28px;
}
header p {
  margin: 2px 0 0;
  color: var(--ink-soft);
}
.line {
  font-weight: 600;
}
.trouble {
  grid-row: 2;
  margin: 0;
  color: var(--caution);
  font-weight: 600;
}
.places {
  grid-row: 4;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.place {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
  min-width: 56px;
  justify-content: center;
  padding: 0 12px;
  border: 2px dashed var(--line);
  border-radius: 22px;
  font-size: 19px;
}
.place.answered {
  border-style: solid;
}
.place[aria-current='true'] {
  border-color: var(--zest);
  background: var(--zest-wash);
}
.now {
  grid-row: 5;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 20px;
  min-height: 64px;
}
.words p {
  margin: 0;
}
.ask {
  font-size: 21px;
}
.praise {
  font: 600 24px var(--titles);
}
.from-teacher {
  font-style: italic;
}
.word {
  font-size: 18px;
}
.do {
  display: flex;
  flex: none;
  gap: 8px;
}
.do :deep(.p-button) {
  min-height: 48px;
  font-size: 18px;
}
.answer > :deep(.answer-keys) {
  grid-row: 6;
}
.refusal {
  max-width: 260px;
  margin: 8px 12px;
}
@media (max-width: 1000px) {
  .now {
    flex-direction: column;
    align-items: stretch;
  }
  .do {
    flex-wrap: wrap;
  }
}
</style>
