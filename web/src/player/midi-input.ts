import { isTyping } from '../editor/typing';

/** A keyboard that sends MIDI messages: three bytes, as MIDI 1.0 has them. */
export interface MidiKeyboard {
  id: string;
  name: string;
  /** Calls back with each key struck, and each let go; gives what ends it. */
  listen(onKey: (midi: number) => void, onRelease?: (midi: number) => void): () => void;
}

const NOTE_ON = 0x90;
const NOTE_OFF = 0x80;

/** The key that a message strikes, or null: a note-on without force is a note-off (MIDI 1.0). */
export function struck(message: ArrayLike<number>): number | null {
  const [status = 0, key = 0, force = 0] = Array.from(message);
  return (status & 0xf0) === NOTE_ON && force > 0 ? key : null;
}

/** The key that a message lets go, or null. */
export function released(message: ArrayLike<number>): number | null {
  const [status = 0, key = 0, force = 0] = Array.from(message);
  const isOff = (status & 0xf0) === NOTE_OFF || ((status & 0xf0) === NOTE_ON && force === 0);
  return isOff ? key : null;
}

function tell(
  message: ArrayLike<number>,
  onKey: (midi: number) => void,
  onRelease?: (midi: number) => void,
) {
  const down = struck(message);
  if (down !== null) return onKey(down);
  const up = released(message);
  if (up !== null) onRelease?.(up);
}

const MIDDLE_C = 60;

/** A keyboard without a keyboard: the number keys 1 to 8 play C to C, from middle C or another, sent as MIDI bytes. */
export class PracticeKeyboard implements MidiKeyboard {
  readonly id = 'practice';
  readonly name = 'Number keys 1 to 8';
  private receivers = new Set<(message: Uint8Array) => void>();

  constructor(private readonly lowest = MIDDLE_C) {}

  private readonly onKeyDown = (event: KeyboardEvent) => {
    const midi = this.keyOf(event);
    if (midi === undefined || event.repeat || event.ctrlKey || event.metaKey) return;
    if (!isTyping(event.target)) this.send(Uint8Array.of(NOTE_ON, midi, 80));
  };

  private readonly onKeyUp = (event: KeyboardEvent) => {
    const midi = this.keyOf(event);
    if (midi !== undefined) this.send(Uint8Array.of(NOTE_OFF, midi, 0));
  };

  private keyOf(event: KeyboardEvent) {
    const degree = '12345678'.indexOf(event.key);
    return degree < 0 ? undefined : this.lowest + [0, 2, 4, 5, 7, 9, 11, 12][degree]!;
  }

  /** Passes a message on to whoever listens. */
  send(message: Uint8Array) {
    this.receivers.forEach((receive) => receive(message));
  }

  listen(onKey: (midi: number) => void, onRelease?: (midi: number) => void) {
    const receive = (message: Uint8Array) => tell(message, onKey, onRelease);
    this.receivers.add(receive);
    if (this.receivers.size === 1) this.hear(true);
    return () => {
      this.receivers.delete(receive);
      if (this.receivers.size === 0) this.hear(false);
    };
  }

  private hear(on: boolean) {
    const change = on ? window.addEventListener : window.removeEventListener;
    change('keydown', this.onKeyDown);
    change('keyup', this.onKeyUp);
  }
}

/** A real keyboard that the browser reports. */
function connected(input: MIDIInput): MidiKeyboard {
  return {
    id: input.id,
    name: input.name ?? 'MIDI keyboard',
    listen(onKey, onRelease) {
      const receive = (event: MIDIMessageEvent) => {
        if (event.data) tell(event.data, onKey, onRelease);
      };
      input.addEventListener('midimessage', receive);
      return () => input.removeEventListener('midimessage', receive);
    },
  };
}

const NO_MIDI = 'This browser knows no MIDI keyboards; others do.';
const NOT_ALLOWED =
  'The browser does not let this page see MIDI keyboards; allow it beside the address and open this again.';

/**
 * Tells of all keyboards there are, now and whenever one is plugged in or out; the one for practice is always among them.
 * Where there can be no other, it says why. Gives what ends it.
 */
export async function watchKeyboards(
  tell: (keyboards: MidiKeyboard[], refusal: string) => void,
  lowest = MIDDLE_C,
): Promise<() => void> {
  const practice = new PracticeKeyboard(lowest);
  let access: MIDIAccess | undefined;
  try {
    access = await navigator.requestMIDIAccess?.();
  } catch {
    tell([practice], NOT_ALLOWED);
    return () => {};
  }
  if (!access) {
    tell([practice], NO_MIDI);
    return () => {};
  }
  const { inputs } = access;
  const known = new Map<string, MidiKeyboard>();
  const report = () => {
    const there = [...inputs.values()].filter(({ state }) => state !== 'disconnected');
    for (const input of there) {
      if (!known.has(input.id)) known.set(input.id, connected(input));
    }
    tell([...there.map(({ id }) => known.get(id)!), practice], '');
  };
  access.addEventListener('statechange', report);
  report();
  return () => access.removeEventListener('statechange', report);
}
