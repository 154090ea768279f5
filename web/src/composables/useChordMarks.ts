import { barName } from '../player/words';
import { computed, type Ref } from 'vue';
import type { Arrangement } from '../api/client';
import type { BarRange } from '../player/timeline';

/** The notes of the tune that are foreign to their chord, by their ids; those to bring out are true. */
export function foreignNotes({ analysis, melody }: Arrangement): Map<string, boolean> {
  const notes = analysis.tune.map(({ kind, stressed }, i) => ({
    id: melody[i]?.id,
    kind,
    stressed,
  }));
  return new Map(
    notes.flatMap(({ id, kind, stressed }) =>
      id && kind !== 'CHORD_TONE' ? [[id, stressed] as const] : [],
    ),
  );
}

/** What the page shows and says at each chord of the tune as it stands drawn. */
export function useChordMarks(
  drawn: Ref<Arrangement | undefined>,
  chosen: () => number,
  loop: () => BarRange | undefined,
) {
  const flagged = computed(
    () =>
      new Set(
        drawn.value?.findings.flatMap(({ chord, others }) => [
          chord,
          ...(others ?? []).map((other) => other.chord),
        ]),
      ),
  );

  const inLoop = (chord: number) => {
    const bar = drawn.value?.chords[chord]?.bar;
    const range = loop();
    return !!range && bar !== undefined && bar >= range.from && bar <= range.to;
  };

  /** The known rows that the chosen chord is part of. */
  const rows = computed(() =>
    (drawn.value?.analysis.progressions ?? []).filter(
      ({ from, to }) => from <= chosen() && chosen() < to,
    ),
  );

  /** All chords of these rows. */
  const inRow = computed(() => {
    const chords = new Set<number>();
    for (const { from, to } of rows.value) {
      for (let chord = from; chord < to; chord++) chords.add(chord);
    }
    return chords;
  });

  /** Their names, by the chord at which they begin. */
  const rowNames = computed(() => {
    const names = new Map<number, string>();
    for (const { from, name } of rows.value) {
      const before = names.get(from);
      names.set(from, before ? `${before}, ${name}` : name);
    }
    return names;
  });

  /** The last word of a close, by its chord: "half", "authentic". */
  const closes = computed(
    () =>
      new Map(
        drawn.value?.analysis.cadences.map(({ chord, word }) => [chord, word.split(' ').at(-1)!]),
      ),
  );

  const name = (chord: number) => {
    const c = drawn.value?.chords[chord];
    if (!c) return '';
    const { roman, figures, of } = c.numeral;
    const bar = drawn.value?.bars[c.bar]?.number ?? c.bar + 1;
    const guess = c.guess ? ', a guess' : '';
    const numeral = roman && `${roman}${figures}${of ? ` of ${of}` : ''}`;
    const told = [c.symbol + guess, numeral].filter(Boolean).join(', ');
    return `${barName(bar)}, count ${c.count}${told && `: ${told}`}`;
  };

  return { flagged, inLoop, inRow, rowNames, closes, name };
}
