import { onScopeDispose, shallowRef } from 'vue';
import { watchKeyboards, type MidiKeyboard } from '../player/midi-input';

/** The MIDI keyboards there are, also those that are plugged in later, and why the browser tells of none; the number keys begin at a C. */
export function useKeyboards(lowest?: number) {
  const keyboards = shallowRef<MidiKeyboard[]>([]);
  const refusal = shallowRef('');
  let end: Promise<() => void> | undefined;

  async function find() {
    end ??= watchKeyboards((found, why) => {
      keyboards.value = found;
      refusal.value = why;
    }, lowest);
    await end;
  }
  onScopeDispose(() => void end?.then((stop) => stop()));

  return { keyboards, refusal, find };
}
