export interface EngraveRequest {
  id: number;
  musicXml: string;
  /** Width of the page in CSS pixels. */
  width: number;
  /** The engraver's scale in per cent; 50 gives staves 36 pixels high. */
  scale: number;
  /** Whether there are two staves, with a brace before them. */
  braced: boolean;
}

/** The drawing, or what kept the engraver from drawing it. */
export type EngraveResult = { id: number; svg: string } | { id: number; failed: string };
