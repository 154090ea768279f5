/** The stages of a lesson, in the order in which a teacher works. */
export const STAGES = [
  { id: 'write', name: 'Write' },
  { id: 'look', name: 'Look' },
  { id: 'hand', name: 'Left hand' },
  { id: 'check', name: 'Check' },
  { id: 'exercise', name: 'Exercise' },
  { id: 'practise', name: 'Practise' },
  { id: 'take', name: 'Print and share' },
] as const;

export type Stage = (typeof STAGES)[number]['id'];
