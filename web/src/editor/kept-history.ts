import { history, historyField } from '@codemirror/commands';
import { EditorState, type Extension } from '@codemirror/state';

const LONGEST = 400_000;
const keptAs = (id: number) => `zesty.history.${id}`;

/** Undo and redo that outlive a reload: kept on this device for each tune. */
export function stateWithHistory(id: number, doc: string, extensions: Extension[]): EditorState {
  const all = [history({ minDepth: 200 }), ...extensions];
  try {
    const kept = JSON.parse(localStorage.getItem(keptAs(id)) ?? 'null');
    // The history fits only the very text it was made on.
    if (kept?.doc === doc) {
      return EditorState.fromJSON(kept, { extensions: all }, { history: historyField });
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
