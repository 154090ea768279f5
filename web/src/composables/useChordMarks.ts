import { computed, type Ref } from 'vue';
import type { Arrangement } from '../api/client';
import type { BarRange } from '../player/timeline';

/** What the page shows and says at each chord of the tune as it stands drawn. */
export function useChordMarks(
  drawn: Ref<Arrangement | undefined>,
  chosen: () => number,
  loop: () => BarRange | undefined,
) {
  const flagged = computed(() => new Set(drawn.value?.findings.map((finding) => finding.chord)));

  const inLoop = (chord: number) => {
    const bar = drawn.value?.chords[chord]?.bar;
    const range = loop();
    return range && bar !== undefined && bar >= range.from && bar <= range.to;
  };

  /** The chords of the known row that the chosen one is part of. */
  const inRow = computed(() => {
    const chords = new Set<number>();
    for (const { from, to } of drawn.value?.analysis.progressions ?? []) {
      if (from > chosen() || chosen() >= to) continue;
      for (let chord = from; chord < to; chord++) chords.add(chord);
    }
    return chords;
  });

  /** The last word of a close, by its chord: "half", "authentic". */
  const closes = computed(
    () =>
      new Map(
        drawn.value?.analysis.cadences.map(({ chord, word }) => [chord, word.split(' ').at(-1)!]),
      ),
  );

  /** The notes of the tune that are foreign to their chord, by their ids; those to bring out are true. */
  const foreign = computed(
    () =>
      new Map(
        (drawn.value?.analysis.tune ?? []).flatMap(({ kind, stressed }, i) => {
          const note = drawn.value?.melody[i];
          return note && kind !== 'CHORD_TONE' ? [[note.id, stressed] as const] : [];
        }),
      ),
  );

  const name = (chord: number) => {
    const c = drawn.value?.chords[chord];
    if (!c) return '';
    const { roman, figures, of } = c.numeral;
    const bar = drawn.value?.bars[c.bar]?.number ?? c.bar + 1;
    const guess = c.guess ? ', a guess' : '';
    return `Bar ${bar}, count ${c.count}: ${c.symbol}${guess}, ${roman}${figures}${of ? ` of ${of}` : ''}`;
  };

  return { flagged, inLoop, inRow, closes, foreign, name };
}
