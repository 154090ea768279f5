export interface EngraveRequest {
  id: number;
  /** The score in pieces that can be engraved alone, each a MusicXML document. */
  pieces: string[];
  /** Width of the page in CSS pixels. */
  width: number;
  /** The engraver's scale in per cent; 50 gives staves 36 pixels high. */
  scale: number;
  /** Whether there are two staves, with a brace before them. */
  braced: boolean;
  /** Whether every bar has its number; otherwise the first of each system has. */
  allNumbered: boolean;
}

/** A drawing of each piece, or what kept the engraver from drawing them. */
export type EngraveResult = { id: number; svgs: string[] } | { id: number; failed: string };
