<script setup lang="ts">
import Button from 'primevue/button';
import Menu from 'primevue/menu';
import type { MenuItem } from 'primevue/menuitem';
import { computed, nextTick, ref } from 'vue';
import { api, type Student } from '../api/client';
import type { useTune } from '../composables/useTune';
import { saveAs } from '../composables/useFiles';
import { useUndo } from '../composables/useUndo';
import { practisedWords } from './practice-words';

/** Who plays the tune: one of them is shown; others can be given it, named and removed. */
const props = defineProps<{ tune: ReturnType<typeof useTune> }>();

const say = useUndo();
const menu = ref<InstanceType<typeof Menu>>();
const input = ref<HTMLInputElement>();
const naming = ref(false);
const trouble = ref('');
/** Students of the studio, asked for when the menu opens. */
const all = ref<Student[]>([]);

const players = computed(() => props.tune.players.value);
const name = computed(() => props.tune.student.value?.name ?? '');

async function attempt(work: () => Promise<void>) {
  trouble.value = '';
  try {
    await work();
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}

async function startNaming() {
  naming.value = true;
  await nextTick();
  input.value?.select();
}

function rename(event: Event) {
  const text = (event.target as HTMLInputElement).value.trim();
  if (text) props.tune.rename(text);
  naming.value = false;
}

const add = () =>
  attempt(async () => {
    const { hand } = props.tune.student.value!;
    const student = await api.addStudent({ name: 'New student', hand, level: 0 });
    await props.tune.give(student);
    await startNaming();
  });

/** What was taken can be given back. */
const leave = (text: string, work: () => Promise<() => Promise<void>>) =>
  attempt(async () => {
    const undo = await work();
    say(text, () => void attempt(undo));
  });

const others = computed(() => {
  const here = new Set(players.value.map((one) => one.studentId));
  return all.value.filter((one) => !here.has(one.id));
});

const items = computed<MenuItem[]>(() => [
  {
    label: 'Who plays it',
    items: players.value.map((one, i) => ({
      label: [one.student.value.value.name, practisedWords(one.practised.record.value)]
        .filter(Boolean)
        .join(': '),
      icon: i === props.tune.active.value ? 'pi pi-check' : 'pi',
      command: () => props.tune.showPlayer(i),
    })),
  },
  {
    label: 'Give it to',
    items: [
      ...others.value.map((student) => ({
        label: student.name,
        icon: 'pi',
        command: () => attempt(() => props.tune.give(student)),
      })),
      { label: 'A new student', icon: 'pi', command: add },
    ],
  },
  {
    label: name.value,
    items: [
      { label: 'Rename', icon: 'pi', command: startNaming },
      ...(players.value.length > 1
        ? [
            {
              label: 'Plays this no longer',
              icon: 'pi',
              command: () => leave(`${name.value} no longer plays this tune.`, props.tune.take),
            },
          ]
        : []),
      {
        label: 'Save all that is kept of this student',
        icon: 'pi',
        command: () =>
          attempt(async () => {
            const { studentId } = players.value[props.tune.active.value]!;
            saveAs(`${name.value}.json`, await api.keptOfStudent(studentId));
          }),
      },
      {
        label: 'Remove from all tunes',
        icon: 'pi',
        command: () => leave(`${name.value} was removed.`, props.tune.removeStudent),
      },
    ],
  },
]);

/** Opened once it is known who is in it: a list that grew under the hand would take a press meant for another. */
async function open(event: Event) {
  const { currentTarget } = event;
  await attempt(async () => void (all.value = await api.students()));
  menu.value?.toggle(event, currentTarget);
}
</script>

<template>
  <div class="student">
    <input
      v-if="naming"
      ref="input"
      class="name"
      :value="name"
      maxlength="80"
      aria-label="Name of the student"
      @change="rename"
      @keydown.enter="rename"
      @blur="naming = false"
    />
    <Button
      v-else
      class="who"
      :label="name"
      icon="pi pi-angle-down"
      icon-pos="right"
      variant="outlined"
      severity="secondary"
      aria-haspopup="menu"
      :aria-label="`Student: ${name}`"
      @click="open"
    />
    <Menu ref="menu" class="students" :model="items" popup />
    <span v-if="trouble" class="trouble" role="alert">{{ trouble }}</span>
  </div>
</template>

<style scoped>
.student {
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
}
.who {
  max-width: 210px;
  color: var(--ink);
}
.who :deep(.p-button-label) {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name {
  font: inherit;
  color: inherit;
  background: var(--page);
  border: 2px solid var(--zest);
  border-radius: 10px;
  min-height: 42px;
  padding: 0 10px;
  width: 190px;
}
.trouble {
  color: var(--caution);
}
</style>
