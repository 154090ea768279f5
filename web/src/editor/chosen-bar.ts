import { StateEffect, StateField, type Text } from '@codemirror/state';
import { Decoration, EditorView, type DecorationSet } from '@codemirror/view';
import type { components } from '../api/schema';

type TextSpan = components['schemas']['TextSpan'];

/** Offsets of a stretch of text, or null where the text has changed and has no such place any more. */
export function offsets(text: Text, span: TextSpan): { from: number; to: number } | null {
  if (span.line > text.lines) return null;
  const line = text.line(span.line);
  const from = Math.min(line.from + span.column - 1, line.to);
  const to = Math.min(from + span.length, line.to);
  return { from, to };
}

export const showBar = StateEffect.define<TextSpan | null>();

/** The chosen bar, washed in the text as it is on the page. */
export const chosenBar = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(marks, transaction) {
    let shown = marks.map(transaction.changes);
    for (const effect of transaction.effects) {
      if (!effect.is(showBar)) continue;
      const place = effect.value && offsets(transaction.state.doc, effect.value);
      const mark = Decoration.mark({ class: 'chosen-bar' });
      shown =
        place && place.to > place.from
          ? Decoration.set(mark.range(place.from, place.to))
          : Decoration.none;
    }
    return shown;
  },
  provide: (field) => EditorView.decorations.from(field),
});
