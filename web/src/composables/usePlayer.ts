import { computed, onScopeDispose, reactive, ref, watch, type Ref } from 'vue';
import type { Arrangement } from '../api/client';
import type { Playing } from '../player/piano';

type Piano = typeof import('../player/piano');

/** Not every browser tells when it has nothing to do. */
const whenIdle = (work: () => void) =>
  typeof requestIdleCallback === 'function' ? requestIdleCallback(work) : setTimeout(work, 1000);
import {
  BALANCES,
  type Balance,
  barsToPlay,
  CLICKS,
  comingsFor,
  timeline,
  type BarRange,
  type Manner,
} from '../player/timeline';

/** As long as a file of sound gets, but for one round that is longer. */
const MOST_MINUTES = 5;

/** Plays the arrangement; what sounds is shown by note ids. Where the teacher is stays where it was. */
export function usePlayer(tune: Ref<Arrangement | undefined>, chosen: { bar: Ref<number> }) {
  const state = ref<'still' | 'loading' | 'playing'>('still');
  const trouble = ref('');
  /** The bar that sounds, as a teacher calls it. */
  const call = ref('');
  /** The chord that sounds. */
  const chord = ref<number>();
  const sounding = reactive(new Map<string, number>());
  const tempo = ref(80);
  /** Where it clicks. */
  const click = ref(CLICKS[0]!.id);
  /** Whether the count is said aloud. */
  const spoken = ref(false);
  const beat = computed(() => ({
    click: CLICKS.find(({ id }) => id === click.value)?.of ?? [],
    spoken: spoken.value,
  }));
  const loop = ref<BarRange>();
  /** What is heard over what. */
  const balance = ref(BALANCES[0]!.id);
  /** What is heard of each part where one practises; else the balance says. */
  const parts = ref<Balance>();
  /** Whether a bar is counted in before each round. */
  const counted = ref(false);
  /** Whether chords are held, without their pattern. */
  const held = ref(false);
  /** Whether it slows down in its last bars. */
  const slows = ref(false);
  /** Quarter notes by which a chord is seen before it sounds, and the chord that is seen so. */
  const lead = ref(0);
  const coming = ref<number>();
  /** How many rounds of the loop are over since it began. */
  const rounds = ref(0);
  let playing: Playing | undefined;
  let piano: Piano | undefined;
  /** Whether other music is played than the tune's, from its beginning to its end. */
  let once = false;
  /** The bars that sound. */
  let begun: number[] | undefined;
  /** Counts starts and stops, so that what loads slowly does not sound when it is no longer wanted. */
  let turn = 0;

  const quartersPerMinute = computed(() => tempo.value * (tune.value?.beatLength ?? 1));

  watch(
    () => tune.value?.tempo,
    (stated) => {
      if (stated) tempo.value = stated;
    },
  );
  watch(quartersPerMinute, (value) => playing?.tempo(value));
  watch(beat, (now) => playing?.beat(now));
  watch([loop, counted, held, slows, lead], () => {
    if (state.value !== 'still' && !once) void start();
  });
  // What is heard over what changes nothing of where one is.
  watch([balance, parts], () => {
    if (state.value !== 'still' && !once) void start(playing?.at());
  });
  // A loop ends with its bars.
  watch(
    () => tune.value?.bars.length,
    (count) => {
      if (loop.value && count !== undefined && loop.value.to >= count) loop.value = undefined;
    },
  );
  // Other music than that which sounds: stop, rather than play what no longer stands there.
  watch(
    () => tune.value?.musicXml,
    () => stop(),
  );

  /** Fetches the piano before it is wanted; what fails is tried again, and told, then. */
  const prepare = () =>
    void load()
      .then((loaded) => loaded.prepare())
      .catch(() => {});
  const load = async () => (piano ??= await import('../player/piano'));
  // What lets a tablet sound has to be there when it is pressed: fetched once the tune is, when nothing else is to be done.
  watch(
    () => Boolean(tune.value),
    (isThere) => isThere && whenIdle(() => void load().catch(() => {})),
    { immediate: true },
  );

  /** From its beginning, or going on where it was. */
  const start = (at = 0) => {
    if (!tune.value) return;
    const bars = at && begun ? begun : barsToPlay(tune.value, chosen.bar.value, loop.value);
    return playIt(tune.value, bars, { at });
  };

  /** Plays some bars of this tune as another hand has them, once. */
  const audition = (other: Arrangement, bars: number[]) =>
    void playIt(other, bars, { other: true });

  const loudness = () =>
    parts.value ?? BALANCES.find(({ id }) => id === balance.value)?.of ?? BALANCES[0]!.of;
  const manner = (music: Arrangement): Manner => ({
    comings: comingsFor(music, chosen.bar.value, loop.value),
    balance: loudness(),
    counted: counted.value,
    held: held.value,
    slows: slows.value,
    lead: lead.value,
    ...(loop.value && { span: loop.value }),
  });

  /** What would be played now, so many rounds of it, as a file of sound. */
  async function recorded(times: number): Promise<Blob> {
    const music = tune.value!;
    const bars = barsToPlay(music, chosen.bar.value, loop.value);
    const laid = timeline(music, bars, manner(music));
    const minutes = laid.length / quartersPerMinute.value;
    const rounds = Math.max(1, Math.min(times, Math.floor(MOST_MINUTES / minutes)));
    const options = {
      quartersPerMinute: quartersPerMinute.value,
      beat: beat.value,
      loop: rounds > 1,
    };
    const { rendered } = await import('../player/piano');
    const sound = await rendered(laid, options, rounds);
    const { wavOf } = await import('../player/wav');
    return wavOf(sound.samples, sound.sampleRate);
  }

  async function playIt(
    music: Arrangement,
    bars: number[],
    { other = false, at = 0 }: { other?: boolean; at?: number },
  ) {
    if (!music.notes.length && !music.melody.length) return;
    piano?.wake();
    begun = bars;
    playing?.stop();
    playing = undefined;
    sounding.clear();
    const mine = ++turn;
    once = other;
    state.value = 'loading';
    trouble.value = '';
    if (!at) rounds.value = 0;
    try {
      // The samples are only fetched when something is to be heard.
      const { play } = await load();
      if (mine !== turn) return;
      const now = await play(
        timeline(music, bars, other ? { balance: loudness() } : manner(music)),
        {
          quartersPerMinute: quartersPerMinute.value,
          beat: beat.value,
          loop: !other && loop.value !== undefined,
          from: at,
        },
        {
          onSound(sound) {
            // Other music stands on no page here.
            if (other) return;
            sounding.set(sound.id, sound.midi);
            chord.value = sound.chord;
            // What sounds is no longer to come.
            if (sound.chord === coming.value) coming.value = undefined;
            call.value = sound.call;
          },
          onSilence: (sound) => void sounding.delete(sound.id),
          onEnd: stop,
          onRound: () => void rounds.value++,
          onCue: (next) => void (coming.value = next),
        },
      );
      if (mine !== turn) return now.stop();
      playing = now;
      // What was turned and pressed while the samples were on their way holds.
      now.tempo(quartersPerMinute.value);
      now.beat(beat.value);
      state.value = 'playing';
    } catch (error) {
      if (mine !== turn) return;
      state.value = 'still';
      trouble.value =
        (error as Error).name === 'NoSound'
          ? 'This device makes no sound; is a loudspeaker connected, and allowed to be heard?'
          : 'The piano could not be loaded; is the server there?';
    }
  }

  function stop() {
    turn++;
    playing?.stop();
    playing = undefined;
    sounding.clear();
    call.value = '';
    chord.value = undefined;
    coming.value = undefined;
    state.value = 'still';
  }

  const toggle = () => (state.value === 'still' ? void start() : stop());

  onScopeDispose(stop);
  /** Loops the chosen bar, or no bar any more. */
  function toggleLoop() {
    const bar = chosen.bar.value;
    loop.value = loop.value ? undefined : { from: bar, to: bar };
  }

  /** Draws the loop out to the bar of a chord. */
  function loopTo(chord: number) {
    const bar = tune.value?.chords[chord]?.bar ?? 0;
    const here = loop.value ?? { from: chosen.bar.value, to: chosen.bar.value };
    loop.value = { from: Math.min(here.from, bar), to: Math.max(here.to, bar) };
  }

  return {
    state,
    trouble,
    call,
    chord,
    sounding,
    tempo,
    click,
    spoken,
    held,
    slows,
    lead,
    coming,
    loop,
    balance,
    parts,
    counted,
    rounds,
    audition,
    prepare,
    recorded,
    start: () => void start(),
    toggle,
    stop,
    toggleLoop,
    loopTo,
  };
}
