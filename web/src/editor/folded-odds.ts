import type { EditorState } from '@codemirror/state';
import {
  Decoration,
  EditorView,
  ViewPlugin,
  type DecorationSet,
  type ViewUpdate,
} from '@codemirror/view';

/** A guess with its odds and its other names behind it: {@code Am7?62?C6?21}. */
const GUESS = /([^\s|?:"{]+\?)([^\s|:=]+)/g;
const NO_CHORDS = /^\s*(#|\[|[A-Za-z]+\s*:)/;
const hidden = Decoration.replace({});

/** What is folded away in a stretch of a chart: all behind the first question mark of a guess away from the cursor. */
export function folds(state: EditorState, from: number, to: number, focused: boolean) {
  const cursor = focused ? state.selection.main.head : -1;
  const found: { from: number; to: number }[] = [];
  for (let at = from; at <= to;) {
    const line = state.doc.lineAt(at);
    for (const guess of NO_CHORDS.test(line.text) ? [] : line.text.matchAll(GUESS)) {
      const start = line.from + guess.index;
      const fold = start + guess[1]!.length;
      const end = fold + guess[2]!.length;
      if (cursor < start || cursor > end) found.push({ from: fold, to: end });
    }
    at = line.to + 1;
  }
  return found;
}

const foldedIn = (view: EditorView): DecorationSet =>
  Decoration.set(
    view.visibleRanges.flatMap(({ from, to }) =>
      folds(view.state, from, to, view.hasFocus).map((fold) => hidden.range(fold.from, fold.to)),
    ),
  );

/** The chart shows that a chord is a guess; its odds and other names only where the cursor stands. */
export const foldedOdds = ViewPlugin.fromClass(
  class {
    decorations: DecorationSet;

    constructor(view: EditorView) {
      this.decorations = foldedIn(view);
    }

    update(update: ViewUpdate) {
      if (
        update.docChanged ||
        update.viewportChanged ||
        update.selectionSet ||
        update.focusChanged
      ) {
        this.decorations = foldedIn(update.view);
      }
    }
  },
  {
    decorations: (plugin) => plugin.decorations,
    provide: (plugin) =>
      EditorView.atomicRanges.of((view) => view.plugin(plugin)?.decorations ?? Decoration.none),
  },
);
