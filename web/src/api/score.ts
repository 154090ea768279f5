import type { components } from './schema';

type Score = components['schemas']['Score'];

/** More than a page can be long; the server takes no more marks. */
const MOST = 5000;

/** Puts scores together from the measures that were sent and those that were there before. */
export function scoreMemory() {
  let texts = new Map<string, string>();

  return {
    /** Marks of the measures that need not be sent again. */
    marks: () => [...texts.keys()].slice(0, MOST),

    whole({ head, measures, foot }: Score): string {
      const now = new Map<string, string>();
      for (const { mark, text } of measures) {
        const known = text || now.get(mark) || texts.get(mark);
        if (!known) throw new Error('a measure is missing in what the server sent');
        now.set(mark, known);
      }
      texts = now;
      return head + measures.map(({ mark }) => now.get(mark)).join('') + foot;
    },
  };
}
