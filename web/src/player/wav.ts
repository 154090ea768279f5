const HEAD = 44;
const BYTES = 2;
const MOST = 0x7fff;

/** One channel of sound as a WAVE file: 16 bits, linear PCM (RIFF/WAVE, Microsoft and IBM 1991). */
export function wavOf(samples: Float32Array, sampleRate: number): Blob {
  const view = new DataView(new ArrayBuffer(HEAD + samples.length * BYTES));
  const letters = (at: number, text: string) =>
    [...text].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  letters(0, 'RIFF');
  view.setUint32(4, view.byteLength - 8, true);
  letters(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, sampleRate, true);
  view.setUint32(28, sampleRate * BYTES, true);
  view.setUint16(32, BYTES, true);
  view.setUint16(34, 8 * BYTES, true);
  letters(36, 'data');
  view.setUint32(40, samples.length * BYTES, true);
  // Softer as a whole, where it would be cut at its loudest.
  const loudest = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 1);
  samples.forEach((sample, i) =>
    view.setInt16(HEAD + i * BYTES, Math.round((sample / loudest) * MOST), true),
  );
  return new Blob([view], { type: 'audio/wav' });
}
