import type { Choices, Finding } from '../api/client';

/** The words of the lesson for what the server names. */
export const ways: { value: Choices['way']; label: string }[] = [
  { value: 'NEAREST', label: 'Nearest inversion' },
  { value: 'ROOT_POSITION', label: 'Root position' },
  { value: 'FIRST_INVERSION', label: 'First inversion' },
  { value: 'SECOND_INVERSION', label: 'Second inversion' },
];

/** A chord symbol as the chart writes it, with the printed signs. */
export const signed = (symbol: string) =>
  symbol.replace(/(^|\/)([A-H])b/g, '$1$2♭').replace(/#/g, '♯');

/** How near another chord for a bare tune comes to the best, by what it would cost the whole. */
export function nearness(price: number): string {
  if (price < 0.5) return 'as good';
  if (price < 1.5) return 'nearly as good';
  return price < 4 ? 'less usual' : 'unusual';
}

export const figures: { value: Choices['figure']; label: string }[] = [
  { value: 'BLOCK', label: 'Block' },
  { value: 'BROKEN_UP', label: 'Broken up' },
  { value: 'UP_AND_BACK', label: 'Up and back' },
  { value: 'ALBERTI', label: 'Alberti' },
];

export const spans: { value: number; label: string }[] = [
  { value: 7, label: 'a fifth' },
  { value: 8, label: 'a small sixth' },
  { value: 9, label: 'a sixth' },
  { value: 10, label: 'a small seventh' },
  { value: 11, label: 'a seventh' },
  { value: 12, label: 'an octave' },
  { value: 14, label: 'a ninth' },
  { value: 16, label: 'a tenth' },
];

export const findingTitles: Record<Finding['kind'], string> = {
  STRETCH: 'Too wide',
  LEAP: 'Far leap',
  MUD: 'Muddy',
  PARALLEL_FIFTHS: 'Parallel fifths',
  PARALLEL_OCTAVES: 'Parallel octaves',
};

export const lowestNotes = ['C2', 'E2', 'G2', 'A2', 'C3'].map((value) => ({
  value,
  label: `from ${value}`,
}));
export const highestNotes = ['C4', 'E4', 'G4', 'A4', 'C5'].map((value) => ({
  value,
  label: `to ${value}`,
}));
