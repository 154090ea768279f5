import type { NoteNames, SymbolStyle } from '../api/client';

const KEY = 'zesty.printing';

/** The teacher's way of printing chords, for the tunes she begins from now on. */
export function rememberPrinting(names: NoteNames, symbols: SymbolStyle) {
  const lines = [
    names === 'GERMAN' ? 'names: german\n' : '',
    symbols === 'LETTERS' ? '' : `symbols: ${symbols.toLowerCase()}\n`,
  ];
  localStorage.setItem(KEY, lines.join(''));
}

/** Heading lines for a new chart. */
export const printingLines = () => localStorage.getItem(KEY) ?? '';
