import { ref, watch, type Ref } from 'vue';
import type { PracticeStep } from '../api/client';
import type { useLadder } from './useLadder';
import type { usePlayer } from './usePlayer';
import type { usePractised } from './usePractised';

/** Seconds after which a hand that is wide open rests (common caution). */
const WIDE = 60;

interface Played {
  player: Pick<ReturnType<typeof usePlayer>, 'state' | 'rounds' | 'loop'>;
  /** What goes round. */
  now: Ref<PracticeStep | undefined>;
  /** Whose record it is. */
  student: Ref<number | undefined>;
  record: Pick<ReturnType<typeof usePractised>, 'note'>;
  ladder: ReturnType<typeof useLadder>;
  /** A round without a slip is over. */
  onClean: () => void;
  /** Milliseconds. */
  clock?: () => number;
}

/** Follows what is played, and tells it to the record round by round. */
export function usePlayedRounds({
  player,
  now,
  student,
  record,
  ladder,
  onClean,
  clock = () => performance.now(),
}: Played) {
  /** What was played and is not in the record yet. */
  let slips = 0;
  let rounds = 0;
  let begun = 0;
  /** The fastest tempo, in per cent, at which a round was clean. */
  let reached = 0;
  /** Whose it is: what another one plays gets none of it. */
  let whose: number | undefined;
  let what: PracticeStep | undefined;
  /** Whether whole bars are played; a beat of a bar is not yet the bar. */
  let isWhole = true;
  /** Whether a hand that is wide open was so for long enough. */
  const rests = ref(false);
  const seconds = () => (clock() - begun) / 1000;

  watch(player.state, (state) => {
    if (state === 'playing') {
      // What went round until now, where something was changed while it played.
      keep();
      ladder.again();
      begun = clock();
      rests.value = false;
      whose = student.value;
      what = now.value;
      const { begin, end } = player.loop.value ?? {};
      isWhole = begin === undefined && end === undefined;
    }
    if (state === 'still') keep();
  });
  watch(player.rounds, (count) => {
    if (!count) return;
    rounds++;
    rests.value = seconds() >= WIDE;
    const percent = ladder.percent.value;
    const isClean = ladder.round();
    if (isClean) reached = Math.max(reached, percent);
    tell(false);
    if (isClean) onClean();
  });

  function slip() {
    slips++;
    ladder.slip();
  }

  /** Tells what was played until now; a press without a round or a slip is no practising. */
  function tell(isOver: boolean) {
    if (!what || whose !== student.value || (!rounds && !slips)) return;
    record.note(
      what,
      { percent: isWhole ? reached : 0, rounds, slips, seconds: seconds() },
      isOver,
    );
  }

  /** That is over. */
  function keep() {
    tell(true);
    slips = rounds = reached = 0;
    what = undefined;
  }

  return { slip, keep, rests };
}
