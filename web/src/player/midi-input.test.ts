import { afterEach, describe, expect, it, vi } from 'vitest';
import { PracticeKeyboard, released, struck, watchKeyboards } from './midi-input';

describe('struck', () => {
  /** MIDI 1.0: status 9n is note-on in channel n; force 0 lifts the key. */
  it('knows a key struck from one lifted and from other messages', () => {
    expect(struck([0x90, 60, 64])).toBe(60);
    expect(struck([0x95, 72, 1])).toBe(72);
    expect(struck([0x90, 60, 0])).toBeNull();
    expect(struck([0x80, 60, 64])).toBeNull();
    expect(struck([0xb0, 64, 127])).toBeNull();
    expect(struck([])).toBeNull();
  });
});

describe('PracticeKeyboard', () => {
  it('leaves numbers that are typed into text alone', () => {
    const heard: number[] = [];
    const stop = new PracticeKeyboard().listen((midi) => heard.push(midi));
    const text = document.body.appendChild(document.createElement('textarea'));
    text.dispatchEvent(new KeyboardEvent('keydown', { key: '1', bubbles: true }));
    stop();
    text.remove();
    expect(heard).toEqual([]);
  });

  it('plays the scale of C on the number keys until no one listens', () => {
    const keyboard = new PracticeKeyboard();
    const heard: number[] = [];
    const stop = keyboard.listen((midi) => heard.push(midi));
    for (const key of ['1', '3', '8', 'x']) {
      window.dispatchEvent(new KeyboardEvent('keydown', { key }));
    }
    stop();
    window.dispatchEvent(new KeyboardEvent('keydown', { key: '1' }));
    expect(heard).toEqual([60, 64, 72]);
  });
});

describe('watchKeyboards', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('tells of keyboards that are plugged in and out later', async () => {
    const inputs = new Map<string, Partial<MIDIInput>>();
    const access = Object.assign(new EventTarget(), { inputs });
    vi.stubGlobal('navigator', { requestMIDIAccess: async () => access });
    const told: string[][] = [];
    const stop = await watchKeyboards((found) => told.push(found.map(({ name }) => name)));
    inputs.set('a', { id: 'a', name: 'Stage piano', state: 'connected' });
    access.dispatchEvent(new Event('statechange'));
    inputs.set('a', { id: 'a', name: 'Stage piano', state: 'disconnected' });
    access.dispatchEvent(new Event('statechange'));
    stop();
    access.dispatchEvent(new Event('statechange'));
    const practice = 'Number keys 1 to 8';
    expect(told).toEqual([[practice], ['Stage piano', practice], [practice]]);
  });

  it('says why there are none', async () => {
    const told: string[] = [];
    const look = () => watchKeyboards((_, refusal) => told.push(refusal));
    vi.stubGlobal('navigator', {});
    await look();
    vi.stubGlobal('navigator', { requestMIDIAccess: () => Promise.reject(new Error('no')) });
    await look();
    expect(told[0]).toContain('knows no MIDI');
    expect(told[1]).toContain('allow it');
  });
});

describe('a key let go', () => {
  it('is a note-off, or a note-on without force (MIDI 1.0)', () => {
    expect(released([0x80, 60, 64])).toBe(60);
    expect(released([0x95, 61, 0])).toBe(61);
    expect(released([0x90, 60, 1])).toBeNull();
    expect(released([0xb0, 64, 127])).toBeNull();
  });

  it('is told to whoever listens', () => {
    const keyboard = new PracticeKeyboard();
    const heard: string[] = [];
    const stop = keyboard.listen(
      (midi) => heard.push(`on ${midi}`),
      (midi) => heard.push(`off ${midi}`),
    );
    window.dispatchEvent(new KeyboardEvent('keydown', { key: '3' }));
    window.dispatchEvent(new KeyboardEvent('keyup', { key: '3' }));
    stop();
    window.dispatchEvent(new KeyboardEvent('keydown', { key: '3' }));
    expect(heard).toEqual(['on 64', 'off 64']);
  });
});
