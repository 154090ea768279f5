<script setup lang="ts">
import { computed } from 'vue';
import type { Arrangement, BarEntry } from '../api/client';

/** How much there is to learn: which bars are new, and which come again and how. */
const props = defineProps<{ tune: Pick<Arrangement, 'analysis' | 'bars'>; bar: number }>();
const emit = defineEmits<{ chooseBar: [bar: number] }>();

const analysis = computed(() => props.tune.analysis);
const number = (bar: number) => props.tune.bars[bar]?.number ?? bar + 1;

const SIGNS: Record<BarEntry['kind'], string> = {
  NEW: '',
  SAME: '=',
  MOVED: '↕',
  NEARLY: '≈',
  KNOWN: '↻',
  SILENT: '–',
};
function words(entry: BarEntry) {
  const like = number(entry.like);
  return {
    NEW: 'new',
    SAME: `the same as bar ${like}`,
    MOVED:
      `the shape of bar ${like} from another note` +
      (entry.counts.length ? `, but for count ${entry.counts.join(', ')}` : ''),
    NEARLY: `nearly bar ${like}: count ${entry.counts.join(', ')} differs`,
    KNOWN: entry.counts.length
      ? `a chord of bar ${like}, but for one note`
      : `chords you know, the first from bar ${like}`,
    SILENT: 'silence',
  }[entry.kind];
}
const told = (entry: BarEntry, bar: number) => `Bar ${number(bar)}: ${words(entry)}`;
const here = computed(() => {
  const entry = analysis.value.bars[props.bar];
  return entry ? told(entry, props.bar) : '';
});
/** "bars 9–16 are bars 1–8 again, but for bar 12". */
const stretch = (from: number, to: number) => `${number(from)}–${number(to - 1)}`;
const again = computed(() =>
  analysis.value.again.map(({ from, to, like, but }) => ({
    from,
    to,
    told:
      `Bars ${stretch(from, to)} are ${stretch(like, like + to - from)} again` +
      (but.length ? `, but for bar ${but.map(number).join(', ')}` : ''),
  })),
);
const learnFirst = computed(() => analysis.value.order.slice(0, 4).map(number).join(', '));
</script>

<template>
  <div>
    <p class="sum">
      <b>{{ tune.bars.length }}</b> {{ tune.bars.length === 1 ? 'bar' : 'bars' }},
      <b>{{ analysis.toLearn }}</b> to learn
    </p>
    <ol class="map">
      <li v-for="(entry, i) in analysis.bars" :key="i">
        <button
          class="plain-button"
          :class="[entry.kind.toLowerCase(), { here: i === bar }]"
          :title="told(entry, i)"
          @click="emit('chooseBar', i)"
        >
          <span class="only-heard">bar</span> {{ number(i) }}
          <small v-if="entry.kind !== 'NEW'" aria-hidden="true"
            >{{ SIGNS[entry.kind] }}{{ entry.kind === 'SILENT' ? '' : number(entry.like) }}</small
          >
          <span class="only-heard">{{ words(entry) }}</span>
        </button>
      </li>
    </ol>
    <p class="now" aria-live="polite">{{ here }}.</p>
    <ul v-if="again.length" class="again">
      <li v-for="part in again" :key="part.from">
        <button
          class="plain-button"
          :class="{ here: part.from <= bar && bar < part.to }"
          @click="emit('chooseBar', part.from)"
        >
          {{ part.told }}
        </button>
      </li>
    </ul>
    <p v-if="analysis.toLearn > 1" class="soft">Learn first: bars {{ learnFirst }}</p>
  </div>
</template>

<style scoped>
.sum {
  margin: 0 0 8px;
  font: 400 20px var(--titles);
}
.map {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 4px;
}
.map button {
  width: 100%;
  height: 40px;
  border-radius: 8px;
  border: 2px solid transparent;
  background: var(--zest-wash);
  font-weight: 600;
  text-align: center;
}
.map button.same,
.map button.moved,
.map button.known,
.map button.silent {
  background: none;
  border-color: var(--line);
  font-weight: 400;
}
.map button.nearly {
  background: none;
  border: 2px dashed var(--caution);
}
.map button.here {
  outline: 3px solid var(--zest);
  outline-offset: -1px;
}
.map small {
  font-size: 15px;
  color: var(--ink-soft);
}
.again {
  margin: 4px 0;
}
.again button {
  width: 100%;
  min-height: 36px;
  padding: 2px 6px;
  margin-left: -6px;
  border-radius: 8px;
  text-align: left;
}
.again button:hover,
.again button.here {
  background: var(--zest-wash);
}
.now {
  margin: 8px 0 0;
}
.soft {
  color: var(--ink-soft);
  margin: 0;
}
</style>
