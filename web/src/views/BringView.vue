<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import ImportReport from '../components/ImportReport.vue';
import { useBringing } from '../composables/useBringing';
import { useView } from '../composables/useView';

/** Bringing tunes in: files dropped or chosen, text pasted; then what was read, before it is kept. */
const router = useRouter();
const bringing = useBringing();
const { tunes, failed, pasted, waiting, done, total, busy, trouble, wanted } = bringing;
bringing.clear();
const over = ref(false);
const chooser = ref<HTMLInputElement>();

useView(
  () => 'Bring tunes in',
  () => true,
);

const take = (files: FileList | null | undefined) =>
  void bringing.read([...(files ?? [])].map((file) => ({ name: file.name, blob: file })));

function drop(event: DragEvent) {
  over.value = false;
  take(event.dataTransfer?.files);
}

function choose(event: Event) {
  const input = event.target as HTMLInputElement;
  take(input.files);
  input.value = '';
}

async function shelve() {
  await bringing.shelve();
  const kept = tunes.value.filter((one) => one.id);
  if (trouble.value) return;
  if (kept.length === 1) await router.push({ name: 'lesson', params: { id: kept[0]!.id } });
  else await router.push('/');
}
</script>

<template>
  <main class="bring">
    <header>
      <RouterLink to="/" class="back" aria-label="Back to the shelf">
        <i class="pi pi-arrow-left" aria-hidden="true" />
      </RouterLink>
      <h1>Bring tunes in</h1>
    </header>
    <div class="ways">
      <section
        class="drop"
        :class="{ over }"
        aria-label="Files"
        @dragover.prevent="over = true"
        @dragleave="over = false"
        @drop.prevent="drop"
      >
        <i class="pi pi-inbox" aria-hidden="true" />
        <p class="big">Drop files here</p>
        <p>MusicXML, MIDI, ABC, ChordPro, charts, chords over words</p>
        <Button label="Choose files" @click="chooser?.click()" />
        <input
          ref="chooser"
          class="only-heard"
          type="file"
          multiple
          aria-label="Choose files"
          tabindex="-1"
          @change="choose"
        />
      </section>
      <section class="paste">
        <label for="pasted">Or paste a song</label>
        <textarea
          id="pasted"
          v-model="pasted"
          spellcheck="false"
          placeholder="Am         Dm
Lamp on the quay, burn low
E7         Am
Boats come home"
        />
        <Button
          label="Read it"
          variant="outlined"
          :disabled="!pasted.trim() || busy"
          @click="bringing.readPasted"
        />
      </section>
    </div>
    <p v-if="busy && total" class="progress" role="status">
      <progress :value="done" :max="total" />
      {{ done }} of {{ total }} read
      <Button label="Stop" size="small" variant="outlined" @click="bringing.stop" />
    </p>
    <p v-else-if="waiting.length" class="progress" role="status">
      {{ waiting.length }} {{ waiting.length === 1 ? 'file waits' : 'files wait' }}
      <Button label="Go on" size="small" variant="outlined" @click="bringing.goOn" />
    </p>
    <div v-if="failed.length" class="failed" role="alert">
      <ul>
        <li v-for="(one, i) in failed" :key="i">
          <b>{{ one.file }}</b> could not be read: {{ one.why }}.
        </li>
      </ul>
    </div>
    <section v-if="tunes.length" class="read" aria-labelledby="read-heading">
      <header>
        <h2 id="read-heading">
          {{ tunes.length === 1 ? 'This was read' : `${tunes.length} tunes were read` }}
        </h2>
        <Button
          :label="wanted.length === 1 ? 'Put it on the shelf' : `Put ${wanted.length} on the shelf`"
          icon="pi pi-check"
          :disabled="!wanted.length || busy"
          @click="shelve"
        />
      </header>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <ul>
        <li v-for="one in tunes" :key="one.key">
          <ImportReport
            v-model:wanted="one.wanted"
            v-model:left="one.left"
            :tune="one.tune"
            :file="one.file"
            :busy="busy"
            :alone="tunes.length === 1"
            @take="(tune, left) => bringing.take(one, tune, left)"
          />
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.bring {
  max-width: 1120px;
  margin: 0 auto;
  padding: 24px 28px 60px;
}
header {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-bottom: 18px;
}
.back {
  display: grid;
  place-items: center;
  width: 42px;
  height: 42px;
  color: inherit;
  text-decoration: none;
}
h1 {
  font-size: 30px;
}
.ways {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
}
.drop,
.paste {
  border-radius: 16px;
  padding: 20px;
  background: var(--page);
}
.drop {
  display: grid;
  place-items: center;
  align-content: center;
  gap: 8px;
  text-align: center;
  border: 2px dashed var(--zest);
}
.drop.over {
  background: var(--zest-wash);
}
.drop .pi-inbox {
  font-size: 40px;
  color: var(--zest);
}
.drop p {
  margin: 0;
}
.big {
  font: 600 24px var(--titles);
}
.paste {
  display: grid;
  gap: 8px;
}
.paste label {
  font: 600 20px var(--titles);
}
textarea {
  min-height: 150px;
  border: 1px solid var(--line);
  border-radius: 10px;
  padding: 10px 12px;
  font:
    400 16px/1.5 ui-monospace,
    monospace;
  background: var(--paper);
  color: var(--ink);
}
textarea::placeholder {
  color: var(--ink-soft);
}
.paste .p-button {
  justify-self: start;
}
.progress {
  display: flex;
  align-items: center;
  gap: 12px;
}
progress {
  width: 240px;
  accent-color: var(--zest);
}
.failed {
  padding: 12px 16px;
  background: var(--caution-wash);
  border-radius: 12px;
}
.failed b {
  color: var(--caution);
}
.trouble {
  color: var(--caution);
}
.read {
  margin-top: 26px;
}
.read header {
  justify-content: space-between;
}
.read h2 {
  font-size: 24px;
}
.read ul {
  display: grid;
  gap: 12px;
}
@media (max-width: 800px) {
  .ways {
    grid-template-columns: 1fr;
  }
}
</style>
