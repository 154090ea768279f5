<script setup lang="ts">
import { defaultKeymap, historyKeymap, redo, undo } from '@codemirror/commands';
import { setDiagnostics, type Diagnostic } from '@codemirror/lint';
import type { EditorState } from '@codemirror/state';
import { EditorView, keymap } from '@codemirror/view';
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { Arrangement, ChartProblem } from '../api/client';
import { chartLanguage } from '../editor/chart-language';
import { chosenBar, offsets, showBar } from '../editor/chosen-bar';
import { difference } from '../editor/difference';
import { foldedOdds } from '../editor/folded-odds';
import { keepHistory, stateWithHistory } from '../editor/kept-history';

const props = defineProps<{
  id: number;
  tune: Pick<Arrangement, 'bars' | 'problems' | 'taken'> | undefined;
  bar: number;
}>();
const text = defineModel<string>({ required: true });
const emit = defineEmits<{ chooseBar: [bar: number]; typedIn: [bar: number] }>();

const place = ref<HTMLElement>();
let view: EditorView | undefined;
/** Whether the cursor stands where something was typed: the page then follows as it is arranged. */
let typed = false;

onMounted(() => {
  view = new EditorView({
    parent: place.value!,
    state: stateWithHistory(props.id, text.value, [
      keymap.of([...defaultKeymap, ...historyKeymap]),
      EditorView.lineWrapping,
      EditorView.contentAttributes.of({
        'aria-label': 'The chart as text',
        spellcheck: 'false',
        tabindex: '0',
      }),
      chartLanguage,
      foldedOdds,
      chosenBar,
      EditorView.updateListener.of((update) => {
        if (update.docChanged) {
          text.value = update.state.doc.toString();
          keepSoon(update.state);
        }
        const did = (what: string) => update.transactions.some((t) => t.isUserEvent(what));
        const moved = did('select');
        typed = did('input') || did('delete') || (typed && !moved);
        const bar = moved && update.view.hasFocus && barAtCursor(update.state);
        if (bar) emit('chooseBar', bar.index);
      }),
    ]),
  });
  showProblems();
  showChosen();
});
onBeforeUnmount(() => {
  clearTimeout(keeping);
  if (view) keepHistory(props.id, view.state);
  view?.destroy();
});

let keeping: ReturnType<typeof setTimeout> | undefined;
function keepSoon(state: EditorState) {
  clearTimeout(keeping);
  keeping = setTimeout(() => keepHistory(props.id, state), 300);
}

defineExpose({
  undo: () => view && undo(view),
  redo: () => view && redo(view),
});

/** The bar at the cursor, or behind the last bar line of a line the bar before it. */
function barAtCursor(state: EditorState) {
  const head = state.selection.main.head;
  const line = state.doc.lineAt(head).number;
  const here = (props.tune?.bars ?? []).filter((bar) => bar.text.line === line);
  const begun = here.filter((bar) => offsets(state.doc, bar.text)!.from <= head);
  return begun.at(-1) ?? here[0];
}

function showProblems() {
  if (!view) return;
  const doc = view.state.doc;
  const diagnostics = (props.tune?.problems ?? []).flatMap((problem): Diagnostic[] => {
    const span = offsets(doc, problem);
    if (!span) return [];
    const { place: where, message } = problem;
    return [{ from: span.from, to: span.to, severity: 'error', message: `${where}: ${message}` }];
  });
  view.dispatch(setDiagnostics(view.state, diagnostics));
}

function showChosen() {
  if (!view) return;
  const span = props.tune?.bars[props.bar]?.text ?? null;
  const at = span && offsets(view.state.doc, span);
  const scroll = at && !view.hasFocus ? [EditorView.scrollIntoView(at.from, { y: 'nearest' })] : [];
  view.dispatch({ effects: [showBar.of(span), ...scroll] });
}

function goTo(problem: ChartProblem) {
  const span = view && offsets(view.state.doc, problem);
  if (!view || !span) return;
  view.dispatch({ selection: { anchor: span.from, head: span.to }, scrollIntoView: true });
  view.focus();
}

watch(
  () => props.tune,
  () => {
    const bar = typed && view?.hasFocus && barAtCursor(view.state);
    if (bar) emit('typedIn', bar.index);
    showProblems();
    showChosen();
  },
);
watch(() => props.bar, showChosen);
watch(text, (value) => {
  const changes = view && difference(view.state.doc.toString(), value);
  if (changes) view!.dispatch({ changes });
});
</script>

<template>
  <section class="chart" aria-label="The chart">
    <div ref="place" class="text" />
    <ul v-if="tune?.problems.length" class="problems" aria-live="polite">
      <li v-for="problem in tune.problems.slice(0, 5)" :key="`${problem.line}:${problem.column}`">
        <button class="plain-button" @click="goTo(problem)">
          <b>{{ problem.place }}</b> {{ problem.message }}
        </button>
      </li>
      <li v-if="tune.problems.length > 5">and {{ tune.problems.length - 5 }} more</li>
    </ul>
    <ul v-else-if="tune?.taken.length" class="taken" aria-live="polite">
      <li v-for="one in tune.taken.slice(0, 3)" :key="`${one.line}:${one.column}`">
        <button class="plain-button" @click="goTo(one)">
          <b>{{ one.place }}</b> {{ one.message }}
        </button>
      </li>
    </ul>
    <p v-else-if="tune && !tune.bars.length" class="hint">
      Type chords between bar lines: <code>| C | F | G7 | C |</code>
    </p>
    <p v-else class="hint">
      <code>/</code> holds a chord, <code>%</code> repeats a bar, <code>m:</code> begins a line of
      tune, <code>l:</code> of the left hand, <code>?</code> leaves a chord open
    </p>
  </section>
</template>

<style scoped>
.chart {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  height: 100%;
}
.text {
  flex: 1;
  min-height: 120px;
  overflow: auto;
  background: var(--page);
  border-radius: 12px;
}
.text :deep(.cm-editor) {
  height: 100%;
  font-size: 17px;
}
.text :deep(.cm-editor.cm-focused) {
  outline: 3px solid var(--zest);
  outline-offset: -3px;
  border-radius: 12px;
}
.text :deep(.cm-scroller) {
  font-family: var(--reading);
  line-height: 1.65;
  padding: 8px 6px;
}
.text :deep(.cm-content) {
  caret-color: var(--ink);
}
.text :deep(.cm-cursor) {
  border-left: 2px solid var(--ink);
}
.text :deep(.chosen-bar) {
  background: var(--zest-wash);
  border-radius: 4px;
}
.text :deep(.cm-lintRange-error) {
  background: none;
  text-decoration: underline wavy var(--caution) 2px;
  text-underline-offset: 4px;
}
.text :deep(.cm-tooltip) {
  background: var(--page);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 8px;
}
.text :deep(.cm-diagnostic) {
  border-left-color: var(--caution);
}
.problems {
  padding: 10px 14px;
  background: var(--caution-wash);
  border-radius: 12px;
  font-size: 16px;
  max-height: 40%;
  overflow: auto;
}
.taken {
  padding: 0 2px;
  color: var(--ink-soft);
  font-size: 16px;
}
.taken button {
  min-height: 40px;
  text-align: left;
}
.problems b {
  color: var(--caution);
}
.problems button {
  min-height: 40px;
}
.hint {
  margin: 0;
  color: var(--ink-soft);
  font-size: 16px;
}
code {
  font-family: inherit;
  font-weight: 600;
  color: var(--ink);
}
</style>
