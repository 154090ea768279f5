import type { Ref } from 'vue';
import type { Arrangement, Choices, Counts, Played } from '../api/client';
import type { Veil } from '../engraver/veil';
import type { useChosen } from './useChosen';
import type { usePlayer } from './usePlayer';
import type { Practice } from './usePractised';

/** What there is to practise, in a lesson or at home. */
export interface Practising {
  chart: Ref<string>;
  played: Ref<Played | undefined>;
  /** The way stands in the choices. */
  choices: Ref<Choices | undefined>;
  practice: Practice;
  /** Whose record it is. */
  whose: Ref<number | undefined>;
  arrangement: Ref<Arrangement | undefined>;
  player: ReturnType<typeof usePlayer>;
  chosen: ReturnType<typeof useChosen>;
  counts: Ref<Counts>;
  veil: Ref<Veil | undefined>;
}
