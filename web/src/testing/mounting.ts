import { mount, type VueWrapper } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import ToastService from 'primevue/toastservice';
import type { Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { Arrangement, ArrangedChord, Choices, Hand, Played } from '../api/client';

// What the browser of these tests does not have.
window.matchMedia ??= () => Object.assign(new EventTarget(), { matches: false }) as MediaQueryList;

const nowhere = { template: '<p />' };

/** A component on a page of its own, with all that the app gives to every one. */
export function mounted(component: Component, props: object = {}): VueWrapper {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', component: nowhere },
      { path: '/bring', component: nowhere },
      { path: '/tunes/:id', name: 'lesson', component: nowhere },
    ],
  });
  return mount(component, {
    attachTo: document.body,
    props: props as Record<string, unknown>,
    global: { plugins: [PrimeVue, ToastService, router] },
  });
}

export const HAND: Hand = {
  span: 9,
  lowest: 'C2',
  highest: 'A4',
  white: {},
  black: {},
  rolls: false,
  reading: 'ANYTHING',
};

export const CHOICES = {
  style: 'close',
  settings: {},
  figure: 'BLOCK',
  pins: [],
} as unknown as Choices;
export const PLAYED: Played = { choices: CHOICES, hand: HAND };

const roman = (numeral: string) => ({ roman: numeral, figures: '', of: '' });

/** A chord under the hand, C major in bar 1 where nothing else is told. */
export const chord = (part: Partial<ArrangedChord> = {}) =>
  ({
    index: 0,
    bar: 0,
    start: '0',
    symbol: 'C',
    numeral: roman('I'),
    pinned: false,
    leftOut: '',
    keys: [
      { midi: 48, finger: 5, name: 'C', pitch: 'C3', right: false },
      { midi: 52, finger: 3, name: 'E', pitch: 'E3', right: false },
      { midi: 55, finger: 1, name: 'G', pitch: 'G3', right: false },
    ],
    toNext: { to: 1, fingers: [], sentence: '' },
    ...part,
  }) as unknown as ArrangedChord;

const reading = { reason: 'home', confidence: 0.95, role: 'DIATONIC', others: [], weight: 1 };

/** Two bars of music, C and G. */
export const music = (part: object = {}) =>
  ({
    title: 'Two Bars',
    key: 'C major',
    bars: [
      { number: 1, section: '', text: { line: 1, column: 3, length: 1 } },
      { number: 2, section: '', text: { line: 1, column: 7, length: 1 } },
    ],
    chords: [chord(), chord({ index: 1, bar: 1, symbol: 'G', numeral: roman('V') })],
    melody: [],
    notes: [],
    problems: [],
    taken: [],
    findings: [],
    analysis: {
      clear: true,
      contradiction: '',
      keys: [{ from: 0, to: 2, key: 'C major', pivot: -1, reason: 'all chords are its own' }],
      readings: [reading, reading],
      cadences: [{ chord: 1, word: 'half', meaning: 'a comma', reason: 'the phrase stops on V' }],
      leans: [],
      tune: [],
      progressions: [],
      toLearn: 2,
      again: [],
      order: [0, 1],
      bars: [],
    },
    ...part,
  }) as unknown as Arrangement;
