import { isTyping } from '../editor/typing';

/** A keyboard that sends MIDI messages: three bytes, as MIDI 1.0 has them. */
export interface MidiKeyboard {
  id: string;
  name: string;
  /** Calls back with each key struck; gives what ends it. */
  listen(onKey: (midi: number) => void): () => void;
}

const NOTE_ON = 0x90;

/** The key that a message strikes, or null: a note-on without force is a note-off (MIDI 1.0). */
export function struck(message: ArrayLike<number>): number | null {
  const [status = 0, key = 0, force = 0] = Array.from(message);
  return (status & 0xf0) === NOTE_ON && force > 0 ? key : null;
}

/** A keyboard without a keyboard: the number keys 1 to 8 play C to C, sent as MIDI bytes. */
export class PracticeKeyboard implements MidiKeyboard {
  readonly id = 'practice';
  readonly name = 'Number keys 1 to 8';
  private receivers = new Set<(message: Uint8Array) => void>();

  private readonly onKeyDown = (event: KeyboardEvent) => {
    const degree = '12345678'.indexOf(event.key);
    if (degree < 0 || event.repeat || event.ctrlKey || event.metaKey) return;
    if (isTyping(event.target)) return;
    const midi = 60 + [0, 2, 4, 5, 7, 9, 11, 12][degree]!;
    this.send(Uint8Array.of(NOTE_ON, midi, 80));
    this.send(Uint8Array.of(0x80, midi, 0));
  };

  /** Passes a message on to whoever listens. */
  send(message: Uint8Array) {
    this.receivers.forEach((receive) => receive(message));
  }

  listen(onKey: (midi: number) => void) {
    const receive = (message: Uint8Array) => {
      const key = struck(message);
      if (key !== null) onKey(key);
    };
    this.receivers.add(receive);
    if (this.receivers.size === 1) window.addEventListener('keydown', this.onKeyDown);
    return () => {
      this.receivers.delete(receive);
      if (this.receivers.size === 0) window.removeEventListener('keydown', this.onKeyDown);
    };
  }
}

/** A real keyboard that the browser reports. */
function connected(input: MIDIInput): MidiKeyboard {
  return {
    id: input.id,
    name: input.name ?? 'MIDI keyboard',
    listen(onKey) {
      const receive = (event: MIDIMessageEvent) => {
        const key = event.data && struck(event.data);
        if (key !== null) onKey(key);
      };
      input.addEventListener('midimessage', receive);
      return () => input.removeEventListener('midimessage', receive);
    },
  };
}

/** All keyboards there are; the one for practice is always among them. */
export async function midiKeyboards(): Promise<MidiKeyboard[]> {
  const practice = new PracticeKeyboard();
  try {
    const access = await navigator.requestMIDIAccess?.();
    return access ? [...[...access.inputs.values()].map(connected), practice] : [practice];
  } catch {
    // The browser has no MIDI, or the teacher does not allow it.
    return [practice];
  }
}
