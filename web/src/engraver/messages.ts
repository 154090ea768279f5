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

export interface EngraveResult {
  id: number;
  svg: string;
}
