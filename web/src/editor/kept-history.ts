import { history, historyField } from '@codemirror/commands';
import { EditorState, type Extension } from '@codemirror/state';

const LONGEST = 400_000;
const keptAs = (id: number) => `zesty.history.${id}`;

/** The one stretch in which two texts differ. */
export function change(from: string, to: string) {
  const shorter = Math.min(from.length, to.length);
  let start = 0;
  while (start < shorter && from[start] === to[start]) start++;
  let behind = 0;
  while (behind < shorter - start && from.at(-1 - behind) === to.at(-1 - behind)) behind++;
  return { from: start, to: from.length - behind, insert: to.slice(start, to.length - behind) };
}

/** Undo and redo that outlive a reload: kept on this device for each tune. */
export function stateWithHistory(id: number, doc: string, extensions: Extension[]): EditorState {
  const all = [history({ minDepth: 200 }), ...extensions];
  try {
    const kept = JSON.parse(localStorage.getItem(keptAs(id)) ?? 'null');
    if (kept) {
      const state = EditorState.fromJSON(kept, { extensions: all }, { history: historyField });
      // What was changed while the chart was folded, or elsewhere, is one change more, to be undone like any other.
      return kept.doc === doc ? state : state.update({ changes: change(kept.doc, doc) }).state;
    }
  } catch {
    // A damaged entry: begin anew.
  }
  return EditorState.create({ doc, extensions: all });
}

export function keepHistory(id: number, state: EditorState) {
  const json = JSON.stringify(state.toJSON({ history: historyField }));
  try {
    if (json.length < LONGEST) localStorage.setItem(keptAs(id), json);
    else localStorage.removeItem(keptAs(id));
  } catch {
    localStorage.removeItem(keptAs(id));
  }
}
