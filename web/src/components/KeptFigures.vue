<script setup lang="ts">
import { ref } from 'vue';
import { api, type KeptFigure, type OwnFigure } from '../api/client';
import { useLatest } from '../composables/useLatest';
import { useUndo } from '../composables/useUndo';

/** The teacher's own figures, kept for every tune: the one that is laid gets a name, others are taken up again. */
const props = defineProps<{
  /** The figure that is laid, as text; empty where nothing is. */
  text: string;
}>();
const name = defineModel<string>('name', { required: true });
const emit = defineEmits<{ kept: [figure: OwnFigure]; take: [figure: OwnFigure] }>();

const kept = ref<KeptFigure[]>([]);
const trouble = ref('');
const say = useUndo();

const { ask, trouble: missing } = useLatest();
const refresh = () => ask(api.figures, (figures) => (kept.value = figures));
void refresh();

const keep = () =>
  attempt(async () => {
    const figure = { name: name.value.trim(), text: props.text };
    await api.keepFigure(figure);
    emit('kept', figure);
  });
async function attempt(work: () => Promise<void>) {
  trouble.value = '';
  try {
    await work();
    await refresh();
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}
const remove = (figure: KeptFigure) =>
  attempt(async () => {
    await api.removeFigure(figure.id);
    const back = () => void attempt(() => api.putBackFigure(figure.id));
    say(`${figure.name} is off the list.`, back);
  });
</script>

<template>
  <form class="keep" @submit.prevent="keep">
    <label for="figure-name">Its name</label>
    <input id="figure-name" v-model="name" maxlength="60" placeholder="such as Rocking" />
    <button class="plain-button" :disabled="!text || !name.trim()">Keep it for every tune</button>
  </form>
  <p v-if="trouble || missing" class="trouble" role="alert">{{ trouble || missing }}</p>
  <ul v-if="kept.length" aria-label="Your figures">
    <li v-for="figure in kept" :key="figure.id">
      <button class="plain-button take" @click="emit('take', figure)">{{ figure.name }}</button>
      <button
        class="plain-button"
        :aria-label="`Take ${figure.name} off the list`"
        @click="remove(figure)"
      >
        <i class="pi pi-times" aria-hidden="true" />
      </button>
    </li>
  </ul>
</template>

<style scoped>
.keep button,
li button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
button:disabled {
  opacity: 0.5;
  cursor: default;
}
li {
  display: flex;
  gap: 6px;
}
.keep {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 10px;
  align-items: center;
  margin: 8px 0;
}
.keep button {
  grid-column: span 2;
  text-align: center;
  background: var(--zest-wash);
  font-weight: 600;
}
input {
  font: inherit;
  color: inherit;
  min-height: 40px;
  width: 100%;
  padding: 0 10px;
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
ul {
  display: grid;
  gap: 6px;
}
.take {
  flex: 1;
  text-align: left;
}
.trouble {
  color: var(--caution);
}
</style>
