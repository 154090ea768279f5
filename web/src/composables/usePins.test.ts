import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import type { Alternative, ArrangedChord, Arrangement, Choices } from '../api/client';
import { useChosen } from './useChosen';
import { usePins } from './usePins';

const chord = (index: number, bar: number, start: string, pitches: string[]) =>
  ({
    index,
    bar,
    start,
    symbol: 'C',
    pinned: false,
    keys: pitches.map((pitch) => ({ pitch })),
  }) as unknown as ArrangedChord;

/** Two chords in the first bar, one in the second. */
function lesson() {
  const chords = [
    chord(0, 0, '0', ['C3', 'E3', 'G3']),
    chord(1, 0, '2', ['F3', 'A3', 'C4']),
    chord(2, 1, '0', ['G3', 'B3', 'D4']),
  ];
  const tune = ref({ chords } as unknown as Arrangement);
  const choices = ref<Choices | undefined>({ pins: [] } as unknown as Choices);
  const chosen = useChosen(tune);
  const ways = [{ pitches: ['E3', 'G3', 'C4'] }, { pitches: ['G2', 'C3', 'E3'] }];
  const pins = usePins(choices, chosen, async () => ways as Alternative[]);
  const kept = () => choices.value!.pins.map((p) => `${p.bar} ${p.start}: ${p.notes.join(' ')}`);
  return { tune, choices, chosen, kept, ...pins };
}

describe('usePins', () => {
  it('fixes each chord at its place, bars counted from one', () => {
    const { chosen, togglePin, kept } = lesson();
    togglePin();
    chosen.choose(1);
    togglePin();
    chosen.choose(2);
    togglePin();
    expect(kept()).toEqual(['1 0: C3 E3 G3', '1 2: F3 A3 C4', '2 0: G3 B3 D4']);
  });

  it('takes another way in the place of the first, and leaves other chords alone', () => {
    const { chosen, pin, kept } = lesson();
    pin(['C3', 'E3', 'G3']);
    chosen.choose(1);
    pin(['A3', 'C4', 'F4']);
    pin(['C3', 'F3', 'A3']);
    expect(kept()).toEqual(['1 0: C3 E3 G3', '1 2: C3 F3 A3']);
  });

  it('keeps the name of a fixed voicing when its notes change, and names others otherwise', () => {
    const { chosen, choices, pin } = lesson();
    pin(['C3', 'E3', 'G3']);
    const [first] = choices.value!.pins;
    pin(['E3', 'G3', 'C4']);
    expect(choices.value!.pins[0]!.id).toBe(first!.id);
    chosen.choose(1);
    pin(['F3', 'A3', 'C4']);
    expect(new Set(choices.value!.pins.map((one) => one.id)).size).toBe(2);
  });

  it('frees a chord that is fixed', () => {
    const { tune, togglePin, kept } = lesson();
    togglePin();
    tune.value.chords[0]!.pinned = true;
    togglePin();
    expect(kept()).toEqual([]);
  });

  it('goes on to the next way to play it', async () => {
    const { nextAlternative, kept } = lesson();
    await nextAlternative();
    expect(kept()).toEqual(['1 0: E3 G3 C4']);
  });

  it('keeps still where there is no chord or no setting yet', async () => {
    const { tune, choices, togglePin, nextAlternative, kept } = lesson();
    tune.value = { chords: [] } as unknown as Arrangement;
    togglePin();
    await nextAlternative();
    expect(kept()).toEqual([]);
    choices.value = undefined;
    togglePin();
    expect(choices.value).toBeUndefined();
  });
});
