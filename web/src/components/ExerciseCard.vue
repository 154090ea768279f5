<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { api, type Exercise } from '../api/client';
import { useUndo } from '../composables/useUndo';
import CopyLink from './CopyLink.vue';
import MarkSign from './MarkSign.vue';

/** An exercise with its link and what came of it; the teacher's word and mark go before the app's. */
const props = defineProps<{
  exercise: Exercise;
  /** What a teacher calls the bars of its tune. */
  numbers?: number[];
}>();
const emit = defineEmits<{ changed: []; next: [set: string] }>();
const say = useUndo();
const trouble = ref('');

const link = computed(() => `${window.location.origin}/answer/${props.exercise.code}`);
const numberOf = (bar: number) => props.numbers?.[bar] ?? bar + 1;
const where = computed(() => {
  const bars = props.exercise.bars.map(numberOf).sort((a, b) => a - b);
  const [first, last] = [bars[0], bars.at(-1)];
  return bars.length === 1 ? `bar ${first}` : `bars ${first} to ${last}`;
});
const whom = computed(() => props.exercise.student || 'anybody');
const made = computed(() => props.exercise.attempts.filter(({ finishedAt }) => finishedAt));
const lastTry = computed(() => made.value.at(-1));
const state = computed(() => {
  const open = props.exercise.attempts.length > made.value.length;
  if (!props.exercise.attempts.length) return 'not started';
  const tried = made.value.map(({ points, most }) => `${points} of ${most}`).join(', then ');
  const help = Object.values(lastTry.value?.helped ?? {}).reduce((sum, times) => sum + times, 0);
  const helped = help > 0 && `helped ${help === 1 ? 'once' : `${help} times`}`;
  return [tried && `${tried} points`, helped, open && 'started'].filter(Boolean).join('; ');
});
const minutes = computed(() => {
  const seconds = props.exercise.attempts.reduce((sum, one) => sum + one.seconds, 0);
  return seconds < 60 ? '' : `${Math.round(seconds / 60)} min`;
});

async function act(what: () => Promise<unknown>) {
  try {
    await what();
    trouble.value = '';
    emit('changed');
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}
const close = () =>
  act(async () => {
    const { id } = props.exercise;
    await api.closeExercise(id);
    say('The exercise is closed.', () => void act(() => api.openExercise(id)));
  });

const renew = () =>
  act(async () => {
    await api.renewExercise(props.exercise.id);
    say('There is a new link, for a year; the old one leads nowhere.');
  });

const words = ref('');
const send = () =>
  act(async () => {
    const one = lastTry.value;
    if (!one) return;
    await api.sayOf(one.id, { words: words.value, overruled: one.overruled });
    words.value = '';
  });
const FULL = 4;
const accept = (chord: number) =>
  act(async () => {
    const one = lastTry.value;
    if (!one) return;
    await api.sayOf(one.id, { words: one.said, overruled: { ...one.overruled, [chord]: FULL } });
  });
const wrong = computed(
  () => lastTry.value?.marks.filter(({ verdict }) => verdict !== 'RIGHT') ?? [],
);
/** One bar of several that is wrong more than once. */
const holdsUp = computed(() => {
  const [worst] = props.exercise.hardBars;
  return worst && worst.times > 1 ? `; bar ${worst.bar} causes most trouble (${worst.times})` : '';
});
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
</script>

<template>
  <article class="exercise" :class="{ withdrawn: exercise.withdrawn }">
    <h3>{{ exercise.title }}</h3>
    <p>For {{ whom }}, {{ where }}. {{ capital(state) }}{{ minutes && `, ${minutes}` }}.</p>
    <p v-if="exercise.withdrawn" class="soft">
      Closed.
      <Button
        label="Open it again"
        size="small"
        variant="text"
        @click="act(() => api.openExercise(exercise.id))"
      />
    </p>
    <p v-else class="link">
      <CopyLink :link="link" />
      <Button label="New link" size="small" variant="text" @click="renew" />
      <Button label="Close" size="small" variant="text" @click="close" />
      <Button
        v-if="exercise.tries > 0 && made.length >= exercise.tries"
        label="Ask once more"
        size="small"
        variant="outlined"
        @click="act(() => api.askAgain(exercise.id))"
      />
    </p>
    <template v-if="lastTry">
      <ul v-if="wrong.length" class="wrong">
        <li v-for="mark in wrong" :key="mark.chord">
          <MarkSign :verdict="mark.verdict" />
          <span>
            {{ mark.bar ? `Bar ${mark.bar}` : 'Pickup' }}: {{ mark.words[0] ?? 'not answered' }}.
          </span>
          <Button label="Accept" size="small" variant="text" @click="accept(mark.chord)" />
        </li>
      </ul>
      <p v-if="exercise.troubles.length" class="soft">
        Most often:
        {{
          exercise.troubles
            .slice(0, 3)
            .map(({ name, times }) => `${name.toLowerCase()} (${times})`)
            .join(', ')
        }}{{ holdsUp }}.
        <button v-if="exercise.next" class="plain-button next" @click="emit('next', exercise.next)">
          Make an exercise for that
        </button>
      </p>
      <p v-if="lastTry.said" class="said">Your comment: {{ lastTry.said }}</p>
      <form class="say" @submit.prevent="send">
        <input v-model="words" aria-label="Comment" placeholder="Comment" />
        <Button type="submit" label="Send" size="small" variant="outlined" :disabled="!words" />
        <RouterLink :to="{ name: 'home', params: { id: lastTry.id } }"
          >Page to take home</RouterLink
        >
      </form>
    </template>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </article>
</template>

<style scoped>
.exercise {
  display: grid;
  gap: 6px;
  padding: 12px 0;
  border-top: 1px solid var(--line);
}
.withdrawn {
  color: var(--ink-soft);
}
h3 {
  font-size: 18px;
}
p {
  margin: 0;
}
.soft {
  color: var(--ink-soft);
}
.link,
.say {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.link a {
  display: inline-flex;
  align-items: center;
  min-height: 40px;
}
.wrong li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
}
.next {
  min-height: 40px;
  text-decoration: underline;
}
.said {
  font-style: italic;
}
input {
  flex: 1 1 120px;
  min-width: 0;
  min-height: 42px;
  padding: 0 12px;
  font: inherit;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.trouble {
  color: var(--caution);
}
</style>
