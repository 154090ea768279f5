<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type TuneSummary } from '../api/client';
import { useAppearance } from '../composables/useAppearance';

const router = useRouter();
const tunes = ref<TuneSummary[]>();
const trouble = ref('');
const removed = ref<{ title: string; undo: () => Promise<void> }>();
const { appearance, toggle } = useAppearance();

const EMPTY_CHART = 'title: New tune\nkey: C major\nmeter: 4/4\ntempo: 80\n\n';

async function attempt(work: () => Promise<void>) {
  trouble.value = '';
  try {
    await work();
  } catch (error) {
    trouble.value = `${(error as Error).message}; try again in a moment.`;
  }
}

const load = () => attempt(async () => void (tunes.value = await api.tunes()));

const add = () =>
  attempt(async () => {
    const choices = {
      way: 'NEAREST' as const,
      figure: 'BLOCK' as const,
      hand: { span: 12, lowest: 'E2', highest: 'E4' },
      pins: [],
    };
    const settings = [{ name: 'Any hand', choices }];
    const tune = await api.addTune({ version: 0, chart: EMPTY_CHART, settings });
    await router.push({ name: 'lesson', params: { id: tune.id } });
  });

const remove = (summary: TuneSummary) =>
  attempt(async () => {
    const { chart, settings } = await api.tune(summary.id);
    await api.removeTune(summary.id);
    const undo = () =>
      attempt(async () => {
        await api.addTune({ version: 0, chart, settings });
        removed.value = undefined;
        await load();
      });
    removed.value = { title: summary.title, undo };
    await load();
  });

onMounted(() => {
  document.title = 'The shelf · Zesty Thumb';
  void load();
});
</script>

<template>
  <main class="shelf">
    <header>
      <img src="/icon.svg" alt="" width="44" height="44" />
      <div>
        <h1>Zesty Thumb</h1>
        <p>Left hands that this student can play</p>
      </div>
      <Button class="new" label="New tune" icon="pi pi-plus" @click="add" />
      <Button
        :icon="appearance === 'day' ? 'pi pi-moon' : 'pi pi-sun'"
        variant="text"
        :aria-label="appearance === 'day' ? 'Evening paper' : 'Day paper'"
        @click="toggle"
      />
    </header>
    <p v-if="trouble" class="trouble" role="alert">
      {{ trouble }} <Button label="Try again" size="small" @click="load" />
    </p>
    <p v-if="removed" class="removed" role="status">
      {{ removed.title }} was taken off the shelf.
      <Button label="Put it back" size="small" variant="outlined" @click="removed.undo" />
    </p>
    <p v-if="tunes?.length === 0" class="empty">
      The shelf is empty. Start a tune and type <b>| C | F | G7 | C |</b>
    </p>
    <ul class="tunes">
      <li v-for="tune in tunes" :key="tune.id">
        <RouterLink class="tune" :to="{ name: 'lesson', params: { id: tune.id } }">
          <h2>{{ tune.title }}</h2>
          <span class="facts">{{ tune.key }} · {{ tune.meter }} · {{ tune.bars }} bars</span>
          <span class="opening">{{ tune.opening.join('   ') }}</span>
          <span class="who">{{ tune.settings.join(' · ') }}</span>
        </RouterLink>
        <Button
          class="remove"
          icon="pi pi-trash"
          variant="text"
          severity="secondary"
          :aria-label="`Take ${tune.title} off the shelf`"
          @click="remove(tune)"
        />
      </li>
    </ul>
  </main>
</template>

<style scoped>
.shelf {
  max-width: 1120px;
  margin: 0 auto;
  padding: 32px 28px 60px;
}
header {
  display: flex;
  align-items: center;
  gap: 16px;
  margin-bottom: 28px;
}
header p {
  margin: 2px 0 0;
  color: var(--ink-soft);
}
h1 {
  font-size: 34px;
}
.new {
  margin-left: auto;
}
.tunes {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  gap: 16px;
}
li {
  position: relative;
}
.tune {
  display: grid;
  gap: 4px;
  padding: 18px 20px;
  background: var(--page);
  border-radius: 16px;
  color: inherit;
  text-decoration: none;
  height: 100%;
  align-content: start;
}
.tune:hover {
  background: var(--zest-wash);
}
.tune h2 {
  font-size: 23px;
  padding-right: 40px;
}
.facts,
.who {
  color: var(--ink-soft);
}
.opening {
  font-weight: 600;
  white-space: pre;
  overflow: hidden;
  text-overflow: ellipsis;
  margin: 6px 0;
}
.remove {
  position: absolute;
  top: 10px;
  right: 8px;
}
.trouble {
  color: var(--caution);
  font-weight: 600;
}
.empty {
  font: 400 22px var(--titles);
  color: var(--ink-soft);
}
</style>
