import { afterEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { api, Refused, type Arrangement, type Proposal } from '../api/client';
import { useHarmonies, useShown } from './useHarmonies';

const BARE = 'key: C\n| ? | ? |\nm: c8 | G8 |';
const proposal = (level: Proposal['level'], chords: string[]): Proposal => ({
  level,
  words: level,
  chart: `key: C\n| ${chords.map((chord) => `${chord}?`).join(' | ')} |\nm: c8 | G8 |`,
  chords: chords.map((symbol, bar) => ({
    bar,
    start: '0',
    symbol,
    others: [{ symbol: 'Am', price: 0.6 }],
  })),
});
const THREE = [
  proposal('PLAIN', ['C', 'G']),
  proposal('USUAL', ['C', 'Em']),
  proposal('RICH', ['Am', 'G']),
];
const chord = (bar: number, percent = 0) =>
  ({ bar, start: '0', guess: true, percent, text: { line: 2, column: 3, length: 2 } }) as never;

/** Once everything that was answered has been taken in. */
const answered = () => new Promise((resolve) => setTimeout(resolve));

function setUp(text = BARE, open = 2) {
  const chart = ref(text);
  const arrangement = ref({ open, chords: [] } as unknown as Arrangement);
  const page = useShown(chart);
  const scope = effectScope();
  const harmonies = scope.run(() => useHarmonies(chart, page, arrangement))!;
  return { chart, arrangement, page, harmonies, scope };
}

afterEach(() => vi.restoreAllMocks());

describe('useHarmonies', () => {
  it('asks for three ways where bars are open, and for none elsewhere', async () => {
    const ask = vi.spyOn(api, 'harmonies').mockResolvedValue({ key: 'C major', proposals: THREE });
    setUp('| C |', 0);
    expect(ask).not.toHaveBeenCalled();
    const { harmonies } = setUp();
    await answered();
    expect(ask).toHaveBeenCalledWith(BARE, [], expect.anything());
    expect(harmonies.proposals.value).toHaveLength(3);
  });

  it('shows a proposal without touching the chart until it is kept', async () => {
    vi.spyOn(api, 'harmonies').mockResolvedValue({ key: 'C major', proposals: THREE });
    const { chart, page, harmonies } = setUp();
    await answered();
    harmonies.look('RICH');
    expect(page.shown.value).toContain('| Am? | G? |');
    expect(chart.value).toBe(BARE);
    harmonies.leave();
    expect(page.shown.value).toBe(BARE);
    harmonies.look('PLAIN');
    harmonies.keep();
    expect(chart.value).toContain('| C? | G? |');
    await nextTick();
    expect(page.looked.value).toBeUndefined();
  });

  it('leaves the proposal when the teacher types on', async () => {
    vi.spyOn(api, 'harmonies').mockResolvedValue({ key: 'C major', proposals: THREE });
    const { chart, page, harmonies } = setUp();
    await answered();
    harmonies.look('USUAL');
    chart.value += '\n| ? |';
    await nextTick();
    expect(page.shown.value).toBe(chart.value);
  });

  it('prices the other chords of a proposed chord, and of no other', async () => {
    vi.spyOn(api, 'harmonies').mockResolvedValue({ key: 'C major', proposals: THREE });
    const { harmonies } = setUp();
    await answered();
    expect(harmonies.othersOf(chord(1))).toEqual([{ symbol: 'Am', price: 0.6 }]);
    expect(harmonies.othersOf(chord(1, 80))).toEqual([]);
    expect(harmonies.othersOf(undefined)).toEqual([]);
  });

  it('sets a chord and has the rest solved around it', async () => {
    const ask = vi.spyOn(api, 'harmonies').mockResolvedValue({ key: 'C major', proposals: THREE });
    const { chart, harmonies } = setUp();
    await answered();
    harmonies.look('PLAIN');
    ask.mockResolvedValue({ key: 'C major', proposals: [proposal('PLAIN', ['F', 'C'])] });
    await harmonies.set(chord(0), 'Am');
    expect(ask).toHaveBeenCalledWith(expect.stringContaining('| Am | G? |'), ['PLAIN']);
    expect(chart.value).toContain('| F? | C? |');
  });

  it('says what is wrong and asks again after the next change', async () => {
    const ask = vi.spyOn(api, 'harmonies').mockRejectedValue(new Refused(400, 'fix bar 2 first'));
    const { chart, harmonies } = setUp();
    await answered();
    expect(harmonies.trouble.value).toBe('fix bar 2 first.');
    ask.mockResolvedValue({ key: 'C major', proposals: THREE });
    chart.value = BARE.replace('G8', 'E8');
    await answered();
    expect(harmonies.trouble.value).toBe('');
    expect(harmonies.proposals.value).toHaveLength(3);
  });
});
