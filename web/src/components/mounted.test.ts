import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import {
  api,
  type Choices,
  Refused,
  type Catalogue,
  type HandProposal,
  type TuneSummary,
} from '../api/client';
import { useBringing } from '../composables/useBringing';
import { CHOICES, chord, HAND, mounted, music, PLAYED } from '../testing/mounting';
import BringView from '../views/BringView.vue';
import ShelfView from '../views/ShelfView.vue';
import ChartEditor from './ChartEditor.vue';
import ChordOnPage from './ChordOnPage.vue';
import ChordPanel from './ChordPanel.vue';
import FigureGrid from './FigureGrid.vue';
import HandMeasure from './HandMeasure.vue';
import HandView from './HandView.vue';
import LookFirst from './LookFirst.vue';
import NoteEntry from './NoteEntry.vue';
import PricesPanel from './PricesPanel.vue';
import ProposalsPanel from './ProposalsPanel.vue';
import StretchesPanel from './StretchesPanel.vue';
import TransportBar from './TransportBar.vue';
import TuneTools from './TuneTools.vue';

let page: VueWrapper | undefined;
const press = (label: string) => page!.findAll('button').find((one) => one.text() === label)!;

beforeEach(() => {
  localStorage.clear();
  vi.spyOn(api, 'catalogue').mockResolvedValue({
    styles: [],
    figures: [],
    hands: [],
    scopes: [],
    textures: [{ id: 'ANY', name: 'any' }],
  } as unknown as Catalogue);
});
afterEach(() => {
  page?.unmount();
  vi.restoreAllMocks();
});

describe('PricesPanel', () => {
  it('shows nothing that could be taken for another chord until its own prices are there', async () => {
    const price = { pitches: ['E3', 'G3', 'C4'], names: 'E G C', price: 2, terms: [] };
    let answer!: (prices: object[]) => void;
    vi.spyOn(api, 'prices')
      .mockResolvedValueOnce([price] as never)
      .mockImplementationOnce(() => new Promise((resolve) => (answer = resolve as never)));
    page = mounted(PricesPanel, { chart: '', played: PLAYED, chord: chord() });
    await flushPromises();
    expect(page.findAll('li')).toHaveLength(1);
    await page.setProps({ chord: chord({ index: 1, symbol: 'G' }) });
    expect(page.findAll('li')).toHaveLength(0);
    answer([{ ...price, pitches: ['D3', 'G3', 'B3'] }]);
    await flushPromises();
    await page.find('li button').trigger('click');
    expect(page.emitted('take')).toEqual([[['D3', 'G3', 'B3']]]);
  });
});

describe('ProposalsPanel', () => {
  it('hands over all of what is taken', async () => {
    const choices = { ...CHOICES, style: 'shells', varied: true };
    vi.spyOn(api, 'proposals').mockResolvedValue([
      {
        style: 'Shells',
        figure: 'Block',
        choices,
        days: 3,
        wanted: 2,
        difficulty: { step: 2, measures: [] },
      },
    ] as unknown as HandProposal[]);
    page = mounted(ProposalsPanel, { chart: '', played: PLAYED, level: 2 });
    await page.find('form').trigger('submit');
    await flushPromises();
    await press('Take it').trigger('click');
    expect(page.emitted('take')).toEqual([[choices]]);
  });

  it('says why there are none', async () => {
    vi.spyOn(api, 'proposals').mockRejectedValue(new Refused(422, 'this takes too long'));
    page = mounted(ProposalsPanel, { chart: '', played: PLAYED, level: 2 });
    await page.find('form').trigger('submit');
    await flushPromises();
    expect(page.find('[role=alert]').text()).toBe('this takes too long.');
  });
});

describe('StretchesPanel', () => {
  it('tells of bars that are gone by where they stood', () => {
    const stretches = [{ from: 0, to: 9, figure: 'BLOCK' }];
    page = mounted(StretchesPanel, {
      modelValue: { ...CHOICES, stretches },
      bars: music().bars,
      chord: undefined,
      bar: 0,
    });
    expect(page.text()).toContain('Bars 1–9');
    expect(page.text()).not.toContain('undefined');
  });
});

describe('FigureGrid', () => {
  const grid = (steps: number) => Array.from({ length: steps }, () => []);

  it('is one stop of the Tab key, and the arrows go within it', async () => {
    page = mounted(FigureGrid, { modelValue: grid(4), perBeat: 2 });
    const stops = () => page!.findAll('[tabindex="0"]').map((cell) => cell.attributes('data-cell'));
    expect(stops()).toEqual(['0-5']);
    await page.find('[data-cell="0-5"]').trigger('keydown', { key: 'ArrowRight' });
    await page.find('[data-cell="1-5"]').trigger('keydown', { key: 'ArrowDown' });
    expect(stops()).toEqual(['1-4']);
    expect(document.activeElement?.getAttribute('data-cell')).toBe('1-4');
    await page.setProps({ modelValue: grid(1) });
    expect(stops()).toEqual(['0-5']);
  });
});

describe('NoteEntry', () => {
  const entry = (chart: string) =>
    mounted(NoteEntry, { chart, counts: 'NONE', tune: music(), bar: 0 });

  it('writes the note that is pressed once, however long the key is held', async () => {
    const added = vi
      .spyOn(api, 'addNote')
      .mockResolvedValue({ chart: '| C |', bar: 0, onset: '1', midi: 60 });
    page = entry('| C |');
    await page.trigger('keydown', { key: 'c' });
    await page.trigger('keydown', { key: 'c', repeat: true });
    await flushPromises();
    expect(added).toHaveBeenCalledTimes(1);
  });

  it.each([
    ['names: german\n| C |', 'h', 'B', 0],
    ['names: german\n| C |', 'b', 'B', -1],
    ['| C |', 'b', 'B', 0],
  ])('in %j the key %s is %s %i', async (chart, key, letter, accidental) => {
    const added = vi
      .spyOn(api, 'addNote')
      .mockResolvedValue({ chart, bar: 0, onset: '1', midi: 60 });
    page = entry(chart);
    await page.trigger('keydown', { key });
    await flushPromises();
    expect(added.mock.calls[0]?.[0]).toMatchObject({ letter, accidental });
  });

  it('leaves the letters by which a list is searched alone', async () => {
    const added = vi.spyOn(api, 'addNote');
    page = entry('| C |');
    await page.find('[role=combobox]').trigger('keydown', { key: 'c' });
    await flushPromises();
    expect(added).not.toHaveBeenCalled();
  });
});

describe('ChartEditor', () => {
  it('keeps the cursor where it is when the text is changed from outside', async () => {
    page = mounted(ChartEditor, { id: 1, modelValue: '| C | F |', tune: music(), bar: 0 });
    const { EditorView } = await import('@codemirror/view');
    const view = EditorView.findFromDOM(page.find<HTMLElement>('.cm-editor').element)!;
    view.dispatch({ selection: { anchor: 9 } });
    await page.setProps({ modelValue: 'title: New\n| C | F |' });
    expect(view.state.doc.toString()).toBe('title: New\n| C | F |');
    expect(view.state.selection.main.head).toBe('title: New\n| C | F |'.length);
    (page.vm as unknown as { undo(): void }).undo();
    expect(view.state.doc.toString()).toBe('| C | F |');
  });

  it('tells what is wrong and goes there', async () => {
    const problems = [{ line: 1, column: 7, length: 1, place: 'bar 2', message: 'is no chord' }];
    page = mounted(ChartEditor, {
      id: 2,
      modelValue: '| C | X |',
      tune: music({ problems }),
      bar: 0,
    });
    expect(page.find('.problems').text()).toBe('bar 2 is no chord');
  });
});

describe('ChordPanel', () => {
  const props = {
    chord: chord(),
    analysis: music().analysis,
    melody: [],
    bar: 1,
    others: [],
    ways: [],
  };

  it('keeps the voicing that is shown', async () => {
    page = mounted(ChordPanel, props);
    expect(page.find('h2').text()).toContain('Bar 1: C');
    await page.find('.pin').trigger('click');
    expect(page.emitted('pin')).toEqual([[['C3', 'E3', 'G3']]]);
    await page.setProps({ chord: chord({ pinned: true }) });
    await page.find('.pin').trigger('click');
    expect(page.emitted('unpin')).toHaveLength(1);
  });
});

describe('ChordOnPage', () => {
  it('is a stop of the Tab key only while it is chosen', async () => {
    const box = { chord: 0, left: 0, right: 50, top: 0, bottom: 90, lane: 80 };
    const props = {
      box,
      chord: chord(),
      name: 'Bar 1: C',
      chosen: false,
      looped: false,
      flagged: true,
      row: false,
      reading: undefined,
      close: undefined,
      rowName: undefined,
    };
    page = mounted(ChordOnPage, props);
    expect(page.attributes('tabindex')).toBe('-1');
    expect(page.text()).toContain('Bar 1: C');
    await page.setProps({ chosen: true });
    expect(page.attributes('tabindex')).toBe('0');
    await page.trigger('click', { shiftKey: true });
    expect(page.emitted('extend')).toHaveLength(1);
  });
});

describe('HandView', () => {
  it('says in words what the hand holds and where it goes', () => {
    const next = chord({ index: 1, symbol: 'G' });
    const now = chord({ toNext: { to: 1, fingers: [], sentence: '5 stays' } } as never);
    page = mounted(HandView, {
      hand: { used: [48, 55], chord: now, isTune: false },
      next,
      sounding: new Map(),
    });
    expect(page.attributes('aria-label')).toBe('C: 5 on C, 3 on E, 1 on G. Next: 5 stays');
    expect(page.findAll('.held')).toHaveLength(3);
  });
});

describe('HandMeasure', () => {
  it('takes two keys as the reach of the pair that is asked for, and goes on to the next', async () => {
    page = mounted(HandMeasure, { modelValue: HAND, student: 'Wren' });
    expect(page.find('.ask').text()).toContain('little finger and thumb');
    await page.find('[data-key="48"]').trigger('click');
    await page.find('[data-key="60"]').trigger('click');
    const changed = page.emitted('update:modelValue') as [typeof HAND][];
    expect(changed[0]![0].span).toBe(12);
    expect(page.find('.ask').text()).toContain('little finger and second finger');
  });
});

describe('LookFirst', () => {
  it('names keys and phrases, and leads to their places', async () => {
    page = mounted(LookFirst, { tune: music(), bar: 0, chord: 0 });
    expect(page.text()).toContain('C major');
    expect(page.text()).toContain('bar 2');
    await page
      .findAll('button')
      .find((one) => one.text().includes('half'))!
      .trigger('click');
    expect(page.emitted('choose')).toEqual([[1]]);
  });

  it('admits that there is no clear key', () => {
    page = mounted(LookFirst, { tune: music({ key: '' }), bar: 0, chord: 0 });
    expect(page.text()).toContain('No clear key.');
  });
});

describe('TransportBar', () => {
  it('loops by the numbers that bars are called by', async () => {
    const loop = { from: 0, to: 1 };
    const props = {
      state: 'still',
      bar: 0,
      bars: [0, 1, 2],
      stated: 80,
      beatLength: 1,
      trouble: '',
      call: '',
    };
    const more = { hasTune: false, tempo: 80, click: 'off', balance: 'even', loop };
    page = mounted(TransportBar, { ...props, ...more });
    const inputs = page.findAll<HTMLInputElement>('input[type=number]');
    expect(inputs.map((input) => input.element.value)).toEqual(['0', '1']);
    await inputs[1]!.setValue('2');
    expect(page.emitted('update:loop')).toEqual([[{ from: 0, to: 2 }]]);
  });
});

describe('TuneTools', () => {
  it('names an earlier state and takes it back', async () => {
    const state = {
      id: 3,
      savedAt: '2026-05-02T10:00:00Z',
      name: '',
      title: 'A',
      chart: '| Am |',
      played: [],
    };
    vi.spyOn(api, 'history').mockResolvedValue([state]);
    const named = vi.spyOn(api, 'nameState').mockResolvedValue(undefined);
    page = mounted(TuneTools, { id: 8, guesses: 0, played: [], chart: '| C |' });
    await flushPromises();
    await page.find('[aria-label^="Name the state"]').trigger('click');
    await page.find('li input').setValue('as in May');
    await flushPromises();
    expect(named).toHaveBeenCalledWith(8, 3, 'as in May');
    expect(page.find('li').text()).toContain('as in May');
    await page.find('[aria-label^="Take this"]').trigger('click');
    await flushPromises();
    expect(page.emitted('update:chart')).toEqual([['| Am |']]);
    expect(page.emitted('playAs')).toHaveLength(1);
  });

  it('moves what is played along with the tune', async () => {
    vi.spyOn(api, 'history').mockResolvedValue([]);
    const here = { forbidden: ['F#'] } as unknown as Choices;
    const there = { forbidden: ['G#'] } as unknown as Choices;
    const moved = vi
      .spyOn(api, 'transpose')
      .mockResolvedValue({ chart: '| D |', choices: [there] });
    const played = [{ assignment: 4, choices: here }];
    page = mounted(TuneTools, { id: 8, guesses: 0, played, chart: '| C |' });
    await flushPromises();
    await page
      .findAll('button')
      .find((one) => one.text() === 'Move there')!
      .trigger('click');
    await flushPromises();
    expect(moved).toHaveBeenCalledWith('| C |', [here], 'D major', false);
    expect(page.emitted('update:chart')).toEqual([['| D |']]);
    expect(page.emitted('playAs')).toEqual([[[{ assignment: 4, choices: there }]]]);
  });
});

describe('ShelfView', () => {
  it('shows the shelf, what was taken off it, and students who were removed', async () => {
    const tune = (id: number, title: string) =>
      ({
        id,
        title,
        tags: ['exam'],
        students: [],
        opening: [],
        key: '',
        meter: '4/4',
        bars: 1,
      }) as unknown as TuneSummary;
    vi.spyOn(api, 'tunes').mockResolvedValue([tune(1, 'On it')]);
    vi.spyOn(api, 'removedTunes').mockResolvedValue([tune(2, 'Off it')]);
    vi.spyOn(api, 'removedStudents').mockResolvedValue([{ id: 5, name: 'Wren, 8' }] as never);
    page = mounted(ShelfView);
    await flushPromises();
    expect(page.find('.tunes').text()).toContain('On it');
    expect(page.text()).toContain('Taken off the shelf (1)');
    expect(page.find('[aria-label="Put Wren, 8 back"]').exists()).toBe(true);
  });

  it('lets a filter go when nothing is left for it', async () => {
    const tune = {
      id: 1,
      title: 'Only',
      tags: ['exam'],
      students: [],
      opening: [],
    } as unknown as TuneSummary;
    const tunes = vi.spyOn(api, 'tunes').mockResolvedValue([tune]);
    vi.spyOn(api, 'removedTunes').mockResolvedValue([]);
    vi.spyOn(api, 'removedStudents').mockResolvedValue([]);
    vi.spyOn(api, 'label').mockResolvedValue(undefined);
    page = mounted(ShelfView);
    await flushPromises();
    await press('exam').trigger('click');
    tunes.mockResolvedValue([{ ...tune, tags: [] }]);
    page.findComponent({ name: 'ShelfCard' }).vm.$emit('label', { tags: [], level: 0 });
    await flushPromises();
    await nextTick();
    expect(page.find('.tunes').text()).toContain('Only');
  });
});

describe('BringView', () => {
  afterEach(() => {
    const { tunes, failed, pasted } = useBringing();
    [tunes.value, failed.value, pasted.value] = [[], [], ''];
  });

  it('keeps a song that cannot be read, and says why', async () => {
    vi.spyOn(api, 'bring').mockRejectedValue(new Refused(422, 'there are no chords in it'));
    page = mounted(BringView);
    await page.find('textarea').setValue('la la la');
    await press('Read it').trigger('click');
    await flushPromises();
    expect(page.find('textarea').element.value).toBe('la la la');
    expect(page.find('.failed').text()).toContain('there are no chords in it');
  });
});
