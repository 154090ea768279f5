/** What may stand in the place of the left hand's choices for a while. */
export type Panel =
  | 'styles'
  | 'proposals'
  | 'figure'
  | 'stretches'
  | 'wishes'
  | 'measure'
  | 'prices'
  | 'notes'
  | 'playing';
