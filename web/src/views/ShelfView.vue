<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import PutBackList from '../components/PutBackList.vue';
import ShelfCard from '../components/ShelfCard.vue';
import { useAppearance } from '../composables/useAppearance';
import { useKeeping } from '../composables/useKeeping';
import { ORDERS, useShelf } from '../composables/useShelf';
import { useUndo } from '../composables/useUndo';
import { useView } from '../composables/useView';

const router = useRouter();
const { tunes, search, tag, tags, twinsOnly, hasTwins, order, shown } = useShelf();
const keeping = useKeeping(tunes, useUndo());
const { off, gone, trouble, load } = keeping;
const backupFile = ref<HTMLInputElement>();
const { appearance, toggle } = useAppearance();

async function add() {
  const tune = await keeping.add();
  if (tune) await router.push({ name: 'lesson', params: { id: tune.id } });
}

async function restore(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (file) await keeping.restore(file);
  input.value = '';
}

useView(
  () => 'The shelf',
  () => true,
);
onMounted(() => void load());
</script>

<template>
  <main class="shelf">
    <header>
      <img src="/icon.svg" alt="" width="44" height="44" />
      <div>
        <h1>Zesty Thumb</h1>
        <p>Left hands that this student can play</p>
      </div>
      <Button
        class="new"
        label="Exercises"
        icon="pi pi-pencil"
        variant="outlined"
        @click="router.push('/exercises')"
      />
      <Button
        label="Bring tunes in"
        icon="pi pi-inbox"
        variant="outlined"
        @click="router.push('/bring')"
      />
      <Button label="New tune" icon="pi pi-plus" @click="add" />
      <Button
        :icon="appearance === 'day' ? 'pi pi-moon' : 'pi pi-sun'"
        variant="text"
        :aria-label="appearance === 'day' ? 'Dark' : 'Light'"
        @click="toggle"
      />
    </header>
    <div v-if="tunes?.length" class="find" role="search">
      <input
        v-model="search"
        type="search"
        placeholder="Find a title, key, student …"
        aria-label="Find a tune"
      />
      <button
        v-for="one in tags"
        :key="one"
        class="tag plain-button"
        :aria-pressed="tag === one"
        @click="tag = tag === one ? '' : one"
      >
        {{ one }}
      </button>
      <button
        v-if="hasTwins"
        class="tag plain-button"
        :aria-pressed="twinsOnly"
        @click="twinsOnly = !twinsOnly"
      >
        duplicates
      </button>
      <Select
        v-model="order"
        class="order"
        :options="ORDERS"
        option-label="label"
        option-value="value"
        aria-label="Order of the shelf"
      />
    </div>
    <p v-if="trouble" class="trouble" role="alert">
      {{ trouble }} <Button label="Try again" size="small" @click="load" />
    </p>
    <p v-if="tunes?.length === 0" class="empty">
      The shelf is empty. Bring a tune in, or start one and type <b>| C | F | G7 | C |</b>
    </p>
    <p v-else-if="tunes && !shown.length" class="empty">No match.</p>
    <ul class="tunes">
      <li v-for="tune in shown" :key="tune.id">
        <ShelfCard
          :tune="tune"
          @remove="keeping.remove(tune)"
          @label="keeping.label(tune, $event)"
        />
      </li>
    </ul>
    <footer>
      <PutBackList
        title="Taken off the shelf"
        :of="off"
        :name="({ title }) => title"
        @put-back="keeping.putBack"
      />
      <PutBackList
        title="Removed students"
        :of="gone"
        :name="({ name }) => name"
        erasing="All that was played, practised and answered goes too, and nothing brings it back."
        @put-back="keeping.putBackStudent"
        @erase="keeping.eraseStudent"
      />
      <span class="backup">
        <Button label="Backup" icon="pi pi-download" variant="text" @click="keeping.backup" />
        <Button
          label="Restore a backup"
          icon="pi pi-upload"
          variant="text"
          @click="backupFile?.click()"
        />
        <input
          ref="backupFile"
          class="only-heard"
          type="file"
          accept=".json,application/json"
          aria-label="Backup to restore"
          tabindex="-1"
          @change="restore"
        />
      </span>
    </footer>
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
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
  margin-bottom: 22px;
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
.find {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 20px;
}
.find input {
  flex: 0 1 320px;
  min-height: 42px;
  padding: 0 14px;
  font: inherit;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.find input::placeholder {
  color: var(--ink-soft);
}
.order {
  margin-left: auto;
}
.tag {
  min-height: 40px;
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 20px;
}
.tag[aria-pressed='true'] {
  background: var(--zest-wash);
  border-color: var(--zest);
  font-weight: 600;
}
.tunes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  gap: 16px;
}
.trouble {
  color: var(--caution);
  font-weight: 600;
}
.empty {
  font: 400 22px var(--titles);
  color: var(--ink-soft);
}
footer {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  align-items: start;
  margin-top: 26px;
  color: var(--ink-soft);
}
.backup {
  margin-left: auto;
}
</style>
