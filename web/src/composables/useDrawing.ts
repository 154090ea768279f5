import { useResizeObserver } from '@vueuse/core';
import { computed, nextTick, ref, watch, type Ref } from 'vue';
import type { Arrangement } from '../api/client';
import {
  chordBoxes,
  clearStems,
  lowerWords,
  markForeignNotes,
  markOwnWords,
  missingNumbers,
  sectionNames,
  type BarNumber,
  type ChordBox,
  type Lean,
  type SectionName,
} from '../engraver/geometry';
import { systemStarts } from '../engraver/lines';
import { pieces as piecesOf } from '../engraver/pieces';
import { drawVeil, type Veil } from '../engraver/veil';
import { foreignNotes } from './useChordMarks';
import { useEngraver } from './useEngraver';

/** Larger on a wider page: staves of about 38 pixels beside the chart, 48 without it. */
const scaleFor = (pageWidth: number) => Math.max(46, Math.min(66, pageWidth / 12.6));
/** Which bars have their numbers. */
export type Numbers = 'LINES' | 'ALL' | 'NONE';

/** How a page is engraved for paper: the engraver's scale in per cent, whatever the window. */
export interface ForPaper {
  scale: number;
  numbers: Numbers;
}

/** Two pages one above the other have to show a whole line each. */
const SMALL = 40;

/**
 * The tune engraved for a page of any width, anew whenever tune or width changes, and where on the page
 * everything stands. The notes that sound are lit.
 */
export function useDrawing(
  page: Ref<HTMLElement | undefined>,
  tune: () => Arrangement | undefined,
  sounding: () => Map<string, number>,
  small: () => boolean,
  veil: () => Veil,
  /** How it is engraved for paper; on the screen it goes by the page's width. */
  paper: () => ForPaper | undefined = () => undefined,
) {
  const boxes = ref<ChordBox[]>([]);
  const sections = ref<SectionName[]>([]);
  const numbers = ref<BarNumber[]>([]);
  const leans = ref<Lean[]>([]);
  const { drawing, trouble, engrave } = useEngraver<Arrangement>();
  const pieces = computed(() => drawing.value?.svgs ?? []);
  /** The tune as it stands drawn, which may be a moment behind the text. */
  const drawn = computed(() => drawing.value?.source);
  let width = 0;

  function draw() {
    const now = tune();
    if (!now || width === 0) return;
    const scale = paper()?.scale ?? (small() ? SMALL : Math.round(scaleFor(width)));
    const starts = systemStarts(now, (width * 100) / scale);
    const braced = now.melody.length > 0 || now.notes.some(({ right }) => right);
    engrave(now, {
      pieces: piecesOf(now.musicXml, starts),
      width,
      scale,
      braced,
      allNumbered: paper()?.numbers === 'ALL',
    });
  }

  useResizeObserver(page, ([entry]) => {
    const now = Math.round(entry!.contentRect.width);
    if (Math.abs(now - width) > 2) {
      width = now;
      draw();
    }
  });
  watch([tune, small], draw);

  watch(drawing, async (now) => {
    await nextTick();
    if (now && page.value) {
      markOwnWords(page.value);
      lowerWords(page.value);
      clearStems(page.value);
      boxes.value = chordBoxes(page.value, now.source);
      sections.value = sectionNames(page.value);
      const all = paper()?.numbers === 'ALL';
      numbers.value = missingNumbers(page.value, now.source, all);
      leans.value = markForeignNotes(page.value, foreignNotes(now.source));
    }
    light(sounding());
    cover();
  });

  const cover = () => page.value && drawVeil(page.value, veil());
  watch(veil, cover);

  function light(notes: Map<string, number>) {
    page.value?.querySelectorAll('.note.sounds').forEach((note) => note.classList.remove('sounds'));
    for (const id of notes.keys()) {
      page.value?.querySelector(`#${id}`)?.classList.add('sounds');
    }
  }
  watch(() => new Map(sounding()), light);

  return { pieces, drawn, boxes, sections, numbers, leans, trouble };
}
