<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { api, type TakeHome } from '../api/client';
import BarsOfTry from '../components/BarsOfTry.vue';
import SheetPage from '../components/SheetPage.vue';
import { useLatest } from '../composables/useLatest';
import { useView } from '../composables/useView';
import { barName } from '../player/words';
import { capital, stopped } from './answer-words';

/** What a student takes home of a try: her own bars with the fault drawn, and a better way beside them. */
const props = defineProps<{ id: number }>();
const page = ref<TakeHome>();
const { ask, trouble } = useLatest();
onMounted(
  () =>
    void ask(
      () => api.takeHome(props.id),
      (now) => (page.value = now),
    ),
);
useView(
  () => page.value?.title ?? 'Exercise',
  () => page.value,
);
const played = computed(() => page.value && { choices: page.value.choices, hand: page.value.hand });
const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'long', year: 'numeric' });
</script>

<template>
  <SheetPage :title="page?.title ?? ''">
    <template #words>
      <p v-if="page">
        <span v-if="page.student">For {{ page.student }}, </span
        >{{ day.format(new Date(page.finishedAt)) }}. {{ page.points }} of {{ page.most }} points.
      </p>
    </template>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-if="page?.said" class="said">{{ stopped(page.said) }}</p>
    <p v-if="page && !page.items.length">All right: nothing to fix.</p>
    <article v-for="item in page?.items" :key="`${item.bar} ${item.chord} ${item.prompt}`">
      <h2>{{ barName(item.bar) }}: {{ item.prompt }}</h2>
      <p v-for="line in item.words" :key="line">{{ stopped(capital(line)) }}</p>
      <div v-if="item.yours && played" class="beside">
        <section aria-label="As you played it">
          <h3>As you played it</h3>
          <BarsOfTry
            :chart="item.yours"
            :played="played"
            :school="page!.school"
            :chord="item.chord"
            drawn
          />
        </section>
        <section aria-label="A better way">
          <h3>A better way</h3>
          <BarsOfTry
            :chart="item.better"
            :played="played"
            :school="page!.school"
            :chord="item.chord"
          />
        </section>
      </div>
      <p v-else-if="item.said">
        Your answer: <b>{{ item.said }}</b><template v-if="item.right">
          . Right: <b>{{ item.right }}</b></template
        >.
      </p>
    </article>
  </SheetPage>
</template>

<style scoped>
article {
  padding: 14px 0;
  border-top: 1px solid var(--line);
  break-inside: avoid;
}
h2 {
  font-size: 22px;
}
h3 {
  font-size: 17px;
  color: var(--ink-soft);
}
p {
  margin: 4px 0;
}
.said {
  font: italic 400 20px var(--titles);
}
.beside {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 28px;
  margin-top: 8px;
}
@media (max-width: 760px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
