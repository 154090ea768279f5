<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed, onMounted, ref, watch } from 'vue';
import type { AskedChord } from '../api/client';
import AnswerKeys from '../components/AnswerKeys.vue';
import AnswerWords from '../components/AnswerWords.vue';
import MarkSign from '../components/MarkSign.vue';
import ScorePage from '../components/ScorePage.vue';
import { useAnswer } from '../composables/useAnswer';
import { useAnswerKeys } from '../composables/useAnswerKeys';
import { useAnswerPage } from '../composables/useAnswerPage';
import { useChosen } from '../composables/useChosen';
import { usePlayer } from '../composables/usePlayer';
import { useView } from '../composables/useView';
import { barName } from '../player/words';
import { capital, OF_THE_PAGE, stopped, VERDICTS, WHAT } from './answer-words';

/** A student at the piano: the music, one chord at a time, large keys, and a patient word. */
const props = defineProps<{ code: string }>();

const answer = useAnswer(props.code);
const { sheet } = answer;
const at = ref(0);
const place = computed(() => sheet.value?.places[at.value]);
const keys = computed(() => (place.value ? answer.keysOf(place.value.chord) : []));
const finished = computed(() => sheet.value?.finished ?? false);
const range = computed((): [number, number] => {
  const all = sheet.value?.places.flatMap(({ chord }) => answer.keysOf(chord)) ?? [];
  const [low = 40, high = 64] = sheet.value?.keys ?? [];
  return [Math.max(21, Math.min(low, ...all)), Math.min(108, Math.max(high, ...all))];
});

/** On a telephone four octaves lie in two rows, so that a finger finds its key. */
const isNarrow = useMediaQuery('(max-width: 560px)');
const MOST_IN_A_ROW = 28;
const MIDDLE_C = 60;
const rows = computed((): [number, number][] => {
  const [low, high] = range.value;
  const isWide = isNarrow.value && high - low > MOST_IN_A_ROW && low < MIDDLE_C && high > MIDDLE_C;
  return isWide
    ? [
        [MIDDLE_C, high],
        [low, MIDDLE_C - 1],
      ]
    : [range.value];
});

const { arrangement, heard } = useAnswerPage(props.code, sheet);
const chosen = useChosen(arrangement);
const player = usePlayer(arrangement, chosen);
watch([place, arrangement], () => place.value && chosen.choose(place.value.chord));
watch(
  () => place.value?.chord,
  (chord) => {
    hint.value = '';
    if (chord !== undefined) answer.look(chord);
  },
);
/** A riddle is heard note by note; all else as it stands. */
function hear() {
  const isRiddle = sheet.value?.asked === 'RIDDLE';
  if (player.state.value !== 'still' || !isRiddle || !heard.value || !place.value)
    return void player.toggle();
  player.audition(heard.value, [heard.value.chords[place.value.chord]?.bar ?? 0]);
}

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
  if (place.value && !finished.value && isPlayed.value) answer.give(place.value.chord, now);
}
const isPlayed = computed(() => sheet.value?.how === 'PLAYED');
const word = computed(() => (place.value ? answer.wordOf(place.value.chord) : ''));
function say(given: string) {
  if (place.value && !finished.value) answer.give(place.value.chord, [], given);
}
const hint = ref('');
/** A word is said, each time one that tells more; at last a key is put down. */
async function help() {
  const at = place.value;
  if (!at) return;
  const told = await answer.help(at.chord);
  if (told.key) {
    const keys = [...answer.keysOf(at.chord), told.key].sort((a, b) => a - b);
    answer.give(at.chord, keys);
  } else if (place.value?.chord === at.chord) {
    hint.value = told.words ? `${capital(told.words)}.` : 'No more hints for this one.';
  }
}
const entry = useAnswerKeys(
  keys,
  set,
  { go: (by) => go(at.value + by), hear },
  () => (sheet.value?.asked === 'FOUR_PARTS' ? 2 : 1),
  () => sheet.value?.broken ?? false,
);
const { keyboard, keyboards, refusal } = entry;
onMounted(() => void answer.load());

/** The first chord that waits for an answer, or to be looked at again. */
watch(
  () => sheet.value?.attempt,
  () => {
    const open = (sheet.value?.places ?? []).findIndex(
      ({ chord, mark }) => !answer.isAnswered(chord) || (mark && mark.verdict !== 'RIGHT'),
    );
    at.value = Math.max(0, open);
  },
);

const barOf = ({ bar }: AskedChord) => (bar ? `bar ${bar}` : 'pickup');
const what = computed(() => {
  if (sheet.value?.how === 'CHOSEN') return 'Choose one.';
  return WHAT[sheet.value?.asked ?? 'CHORDS'] ?? 'Play it with your left hand.';
});
/** Its bar; of several in a bar, which of them. */
function placeName(one: AskedChord) {
  const inBar = sheet.value!.places.filter(({ bar }) => bar === one.bar);
  const which = inBar.length > 1 ? `, chord ${inBar.indexOf(one) + 1}` : '';
  return barName(one.bar) + which;
}
/** What was answered stays in view in its place. */
function nameOf(one: AskedChord) {
  const { asked } = sheet.value!;
  if (asked === 'FIGURES' || asked === 'FOUR_PARTS') return one.prompt;
  // Of a word that is spelled, what was found.
  if (asked === 'RIDDLE' && one.mark?.verdict === 'RIGHT') return one.mark.words[0];
  return answer.wordOf(one.chord) || one.symbol || placeName(one);
}
/** What is seen on its button is part of what is heard. */
function labelOf(one: AskedChord) {
  const asks = `${barOf(one)}: ${one.prompt}`;
  const seen = nameOf(one) ?? '';
  const given = asks.toLowerCase().includes(seen.toLowerCase()) ? '' : `, ${seen}`;
  return asks + given + (one.mark ? `, ${VERDICTS[one.mark.verdict]}` : '');
}
/** One question is asked of the whole page. */
const isOne = computed(() => sheet.value?.places.length === 1);
const asking = (one: AskedChord) => {
  const prompt = stopped(one.prompt);
  return isOne.value ? prompt : `${barName(one.bar)}: ${prompt}`;
};
/** How a mark itself names what is right: "Right: Am". */
const called = ({ words }: { words: string[] }) =>
  words.filter((word) => word.startsWith('right')).map(capital)[0];
const verdict = computed(() => {
  const mark = place.value?.mark;
  if (mark && mark.verdict !== 'NOT_ANSWERED') return `${called(mark) ?? VERDICTS[mark.verdict]}.`;
  return finished.value ? `${VERDICTS.NOT_ANSWERED}.` : what.value;
});
const said = computed(() => {
  const mark = place.value?.mark;
  if (!mark || mark.verdict === 'NOT_ANSWERED') return [];
  const words = mark.words.filter((word) => !word.startsWith('right')).map(capital);
  return mark.nearer.length ? [...words, 'The rings show the nearest correct keys'] : words;
});
/** Why it was wrong in the try before, until it is marked anew. */
const lastTime = computed(() =>
  place.value && !place.value.mark ? (answer.before.value[place.value.chord] ?? []) : [],
);
const answered = computed(
  () => sheet.value?.places.filter(({ chord }) => answer.isAnswered(chord)).length ?? 0,
);
/** An only try with open questions is finished by a second press. */
const isSure = ref(false);
const openOnes = computed(() => (sheet.value?.places.length ?? 0) - answered.value);
function finish() {
  const isOnly = sheet.value?.triesLeft === 0;
  if (isOnly && openOnes.value && !isSure.value) isSure.value = true;
  else void answer.finish();
}
watch(answered, () => (isSure.value = false));
const isWhole = computed(() => answered.value === sheet.value?.places.length);
/** What is played from memory is played again, until it is known. */
const canTryAgain = computed(() => {
  const s = sheet.value;
  return !!s && s.triesLeft !== 0 && (s.fading || !s.most || s.points < s.most);
});
const praise = computed(() => {
  const s = sheet.value;
  if (!s?.finished) return '';
  if (s.smoother) return `All right, and ${s.smoother} half steps smoother than the model answer!`;
  if (!s.most) return 'Kept. Try once more; then you see how it was.';
  if (s.points === s.most) return 'All right!';
  if (isOne.value) return '';
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
          <span v-if="sheet.student">For {{ sheet.student }}. </span>{{ capital(sheet.words) }}
        </p>
      </div>
      <label v-if="sheet && !sheet.student" class="name">
        Your name
        <input
          :value="sheet.name"
          maxlength="60"
          autocomplete="name"
          @change="answer.sayName(($event.target as HTMLInputElement).value)"
        />
      </label>
      <p class="line" role="status">
        <template v-if="answer.away.value"> Offline; answers saved here. </template>
      </p>
    </header>
    <p v-if="answer.trouble.value" class="trouble" role="alert">
      {{ capital(answer.trouble.value) }}
    </p>
    <template v-if="sheet">
      <ScorePage
        :tune="arrangement"
        :chosen="OF_THE_PAGE.includes(sheet.asked) ? -1 : chosen.index.value"
        :typed-bar="undefined"
        :sounding="player.sounding"
        :loop="undefined"
        @choose="choose"
      />
      <nav v-if="!isOne" class="places" aria-label="Chords to find">
        <button
          v-for="(one, i) in sheet.places"
          :key="one.chord"
          class="place plain-button"
          :class="{ answered: answer.isAnswered(one.chord) }"
          :aria-current="i === at"
          :aria-label="labelOf(one)"
          @click="go(i)"
        >
          <MarkSign v-if="one.mark" :verdict="one.mark.verdict" />
          <b>{{ nameOf(one) }}</b>
        </button>
      </nav>
      <section class="now" aria-label="This chord">
        <div class="words" aria-live="polite">
          <template v-if="praise">
            <p class="praise">{{ praise }}</p>
            <p v-if="sheet.said" class="from-teacher">{{ sheet.said }}</p>
          </template>
          <p v-if="place" class="ask">
            <b>{{ asking(place) }}</b>
            {{ verdict }}
          </p>
          <p v-if="sheet.counts && !finished && !keys.length" class="counts">
            What counts: {{ sheet.counts }}.
          </p>
          <p v-for="line in said" :key="line" class="word">{{ line }}.</p>
          <p v-for="line in lastTime" :key="line" class="word">Last time: {{ line }}.</p>
          <p v-if="hint" class="word">{{ hint }}</p>
          <p v-if="isSure" class="word" role="alert">
            {{ openOnes }} still open, and there is no other try.
          </p>
        </div>
        <div class="do">
          <Button
            :label="player.state.value === 'still' ? 'Hear it' : 'Stop'"
            variant="outlined"
            @click="hear"
          />
          <template v-if="!finished">
            <Button v-if="sheet.help" label="Help me" variant="outlined" @click="help" />
            <Button
              v-if="isPlayed"
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
              :label="answer.busy.value ? 'Sending …' : isSure ? 'Finish all the same' : 'Finish'"
              :disabled="!answered || answer.busy.value"
              @click="finish"
            />
          </template>
          <Button
            v-else-if="canTryAgain"
            label="Try again"
            :disabled="answer.busy.value"
            @click="answer.again"
          />
          <Select
            v-if="!finished && isPlayed"
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
      <AnswerWords
        v-if="!isPlayed && place"
        :word="word"
        :choices="place.choices"
        :prompt="place.prompt"
        :disabled="finished"
        @give="say"
        @next="go(at + 1)"
      />
      <div v-else class="keys">
        <AnswerKeys
          v-for="part in rows"
          :key="part[0]"
          :range="part"
          :keys="keys"
          :nearer="place?.mark?.nearer ?? []"
          :disabled="finished"
          @press="entry.press"
        />
      </div>
    </template>
  </main>
</template>

<style scoped src="./answer.css"></style>
