/** What of a page is grey, and what is not seen, by the ids of notes. */
export interface Veil {
  grey: Set<string>;
  gone: Set<string>;
  /** Whether the symbols above what is not seen are not seen either. */
  nameless: boolean;
}

export const NO_VEIL: Veil = { grey: new Set(), gone: new Set(), nameless: false };

/** What holds notes together; gone where all of these are. */
const GROUPS = '.chord, .beam, .tuplet, .layer';

/** Draws a veil over a page; the one before is lifted. */
export function drawVeil(page: HTMLElement, { grey, gone, nameless }: Veil) {
  for (const note of page.querySelectorAll('.note')) {
    note.classList.toggle('grey', grey.has(note.id));
    note.classList.toggle('gone', gone.has(note.id));
  }
  for (const group of page.querySelectorAll(GROUPS)) {
    const notes = [...group.querySelectorAll('.note')];
    const isLost = notes.some(({ id }) => gone.has(id));
    group.classList.toggle('grey', notes.length > 0 && notes.every(({ id }) => grey.has(id)));
    group.classList.toggle('gone', isLost && notes.every(({ id }) => gone.has(id)));
    // What is left of a beam has no beam.
    group.classList.toggle('parted', isLost);
  }
  for (const measure of page.querySelectorAll('.measure')) {
    const isVeiled = measure.querySelector('.note.gone') !== null;
    measure.classList.toggle('veiled', isVeiled);
    measure.classList.toggle('nameless', nameless && isVeiled);
  }
  for (const staff of page.querySelectorAll('.staff')) {
    const notes = [...staff.querySelectorAll('.note')];
    staff.classList.toggle('pale', notes.length > 0 && notes.every(({ id }) => grey.has(id)));
    staff.classList.toggle(
      'bare',
      notes.some(({ id }) => gone.has(id)),
    );
  }
}
