/** What a felt beat is called, by its length in quarter notes; a sign where every typeface has one. */
const BEATS: Record<number, string> = {
  0.5: '♪',
  1: '♩',
  1.5: '♩.',
  2: 'half note',
  3: 'half note, dotted',
};

/** A tempo as it stands above the music: ♩ = 84. */
export const tempoWords = (beatLength: number, tempo: number) =>
  `${BEATS[beatLength] ?? 'beat'} = ${tempo}`;

/** What a teacher calls a bar. */
export const barName = (bar: number) => (bar === 0 ? 'Pickup' : `Bar ${bar}`);
