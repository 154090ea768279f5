<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref } from 'vue';
import { api, type Played, type RulePage } from '../api/client';
import OneOf from '../components/OneOf.vue';
import ScorePage from '../components/ScorePage.vue';
import { useArrangement } from '../composables/useArrangement';
import { useChosen } from '../composables/useChosen';
import { OWN_SEVERITIES } from '../composables/useFindings';
import { useLatest } from '../composables/useLatest';
import { useOwnMix, type Minded } from '../composables/useOwnMix';
import { usePlayer } from '../composables/usePlayer';
import { useView } from '../composables/useView';

/** A rule by itself: what a student reads, why it is so, and how it sounds, broken and fixed. */
const props = defineProps<{ code: string }>();

const rules = ref<RulePage[]>([]);
const { ask, trouble } = useLatest();
onMounted(
  () =>
    void ask(
      () => api.rules(),
      (all) => (rules.value = all),
    ),
);
const rule = computed(() => rules.value.find(({ code }) => code === props.code));
const played = computed((): Played | undefined => rule.value);
useView(
  () => rule.value?.title ?? 'Rules',
  () => rule.value,
);

const own = useOwnMix();
const AS_USUAL = 'usual';
const minded = computed(
  () => own.mix.value.find(({ code }) => code === props.code)?.severity ?? AS_USUAL,
);
const levels = [
  { id: AS_USUAL, name: 'Use the standard rule' },
  ...Object.entries(OWN_SEVERITIES).map(([id, name]) => ({ id, name })),
];
function mind(level: string) {
  if (level === AS_USUAL) void own.mindAsUsual(props.code);
  else void own.mind(props.code, level as Minded, '');
}

/** One of the two, with its own player. */
function example(chart: () => string | undefined) {
  const { arrangement } = useArrangement(
    computed(() => chart() ?? ''),
    played,
  );
  const chosen = useChosen(arrangement);
  return { arrangement, chosen, player: usePlayer(arrangement, chosen) };
}
const wrong = example(() => rule.value?.wrong);
const better = example(() => rule.value?.better);
const shown = [
  { name: 'Problem', ...wrong },
  { name: 'Better', ...better },
];
function hear(one: (typeof shown)[number]) {
  const other = one === shown[0] ? shown[1]! : shown[0]!;
  other.player.stop();
  one.player.toggle();
}
</script>

<template>
  <main class="rules">
    <nav aria-label="All rules">
      <RouterLink to="/">Back to the shelf</RouterLink>
      <ul>
        <li v-for="one in rules" :key="one.code">
          <RouterLink :to="{ name: 'rules', params: { code: one.code } }" replace>
            {{ one.title }}
          </RouterLink>
        </li>
      </ul>
    </nav>
    <div v-if="rule" class="rule">
      <header class="head">
        <h1>{{ rule.title }}</h1>
        <div v-if="!rule.bodily" class="own">
          <label for="minded">In all my tunes</label>
          <OneOf id="minded" :chosen="minded" :of="levels" @choose="mind" />
        </div>
      </header>
      <p class="student">{{ rule.student }}</p>
      <section v-for="one in shown" :key="one.name" class="example" :aria-label="one.name">
        <header>
          <h2>{{ one.name }}</h2>
          <Button
            :label="one.player.state.value === 'still' ? 'Hear it' : 'Stop'"
            variant="outlined"
            @click="hear(one)"
          />
        </header>
        <ScorePage
          :tune="one.arrangement.value"
          :chosen="-1"
          :typed-bar="undefined"
          :sounding="one.player.sounding"
          :loop="undefined"
        />
      </section>
      <p class="teacher">Why: {{ rule.teacher }}.</p>
      <p class="teacher">Checked by: {{ rule.schools.join(', ').toLowerCase() }}.</p>
    </div>
    <p v-else-if="rules.length">There is no such rule; choose one.</p>
    <p v-if="trouble || own.trouble.value" class="trouble" role="alert">
      {{ trouble || own.trouble.value }}
    </p>
  </main>
</template>

<style scoped>
.rules {
  display: grid;
  grid-template-columns: 240px minmax(0, 1fr);
  gap: 36px;
  max-width: 1120px;
  height: 100%;
  margin: 0 auto;
  padding: 24px 28px;
}
nav {
  overflow: auto;
}
nav a {
  display: flex;
  align-items: center;
  min-height: 40px;
  padding: 0 10px;
  border-radius: 10px;
  text-decoration: none;
}
nav li a {
  color: inherit;
}
nav a.router-link-exact-active {
  background: var(--zest-wash);
  font-weight: 600;
}
.rule {
  display: grid;
  align-content: start;
  gap: 12px;
}
h1 {
  font-size: 34px;
}
p {
  margin: 0;
}
.student {
  font-size: 22px;
}
.example header {
  display: flex;
  align-items: center;
  gap: 16px;
  margin-bottom: 6px;
}
.teacher {
  color: var(--ink-soft);
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}
.own {
  display: flex;
  align-items: center;
  gap: 12px;
  width: 320px;
}
.own label {
  flex: none;
}
.trouble {
  color: var(--caution);
}
@media (max-width: 800px) {
  .rules {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }
  nav {
    order: 2;
  }
}
</style>
