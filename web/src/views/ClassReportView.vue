<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref } from 'vue';
import { api, type ClassReport } from '../api/client';
import SheetPage from '../components/SheetPage.vue';
import { saveAs } from '../composables/useFiles';
import { useLatest } from '../composables/useLatest';
import { useView } from '../composables/useView';

/** A class by rule and by student, with what each fault costs; to be printed, or taken to a spreadsheet. */
const report = ref<ClassReport>();
const { ask, trouble } = useLatest();
const load = () => ask(api.classReport, (now) => (report.value = now));
onMounted(() => void load());
useView(
  () => 'Class report',
  () => report.value,
);

const FULL = 4;
const COSTS = [
  { value: '', words: 'as usual' },
  { value: '0', words: 'off' },
  ...Array.from({ length: FULL }, (_, i) => ({
    value: String(i + 1),
    words: i ? `${i + 1} points` : '1 point',
  })),
];
const refused = ref('');
async function act(what: () => Promise<unknown>) {
  try {
    await what();
    refused.value = '';
  } catch (error) {
    refused.value = `${(error as Error).message}.`;
  }
}
const cost = (fault: string, points: string) =>
  act(async () => {
    await api.costOf(fault, points === '' ? null : Number(points));
    await load();
  });
const table = () => act(async () => saveAs('class.csv', await api.classTable()));

const students = computed(() => report.value?.students ?? []);
const nameOf = (name: string) => name || 'Anybody';
</script>

<template>
  <SheetPage title="Class report">
    <template #words>
      <p>The last finished try of each exercise. What a fault costs holds for marks from now on.</p>
    </template>
    <template #do>
      <Button label="Save as a table (CSV)" variant="outlined" @click="table" />
    </template>
    <p v-if="trouble || refused" class="trouble" role="alert">{{ trouble || refused }}</p>
    <p v-if="report && !students.length">No exercise is finished yet.</p>
    <div v-else-if="report" class="wide">
      <table>
        <thead>
          <tr>
            <th scope="col">What went wrong</th>
            <th scope="col">Costs</th>
            <th v-for="one in students" :key="one.student" scope="col">
              {{ nameOf(one.student) }}
            </th>
            <th scope="col">All</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="rule in report.rules" :key="rule.fault">
            <th scope="row">{{ rule.name }}</th>
            <td>
              <select
                :aria-label="`What “${rule.name}” costs`"
                :value="rule.points === null ? '' : String(rule.points)"
                @change="cost(rule.fault, ($event.target as HTMLSelectElement).value)"
              >
                <option v-for="one in COSTS" :key="one.value" :value="one.value">
                  {{ one.words }}
                </option>
              </select>
            </td>
            <td v-for="one in students" :key="one.student" class="count">
              {{ one.times[rule.fault] ?? '' }}
            </td>
            <td class="count all">{{ rule.times || '' }}</td>
          </tr>
        </tbody>
        <tfoot>
          <tr>
            <th scope="row" colspan="2">Exercises finished</th>
            <td v-for="one in students" :key="one.student" class="count">{{ one.finished }}</td>
            <td />
          </tr>
          <tr>
            <th scope="row" colspan="2">Points</th>
            <td v-for="one in students" :key="one.student" class="count">
              {{ one.points }} of {{ one.most }}
            </td>
            <td />
          </tr>
        </tfoot>
      </table>
    </div>
  </SheetPage>
</template>

<style scoped>
.wide {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  min-width: 100%;
}
th,
td {
  padding: 10px 18px 10px 0;
  border-bottom: 1px solid var(--line);
  text-align: left;
}
thead th {
  font-size: 18px;
  vertical-align: bottom;
}
tbody th {
  font-weight: 500;
}
.count {
  font-size: 19px;
  white-space: nowrap;
}
.all,
tfoot th,
tfoot td {
  font-weight: 600;
}
select {
  min-height: 40px;
  padding: 0 8px;
  font: inherit;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.trouble {
  color: var(--caution);
}
@media print {
  select {
    border: 0;
    appearance: none;
  }
}
</style>
