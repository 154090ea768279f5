export interface EngraveRequest {
  id: number;
  musicXml: string;
  /** Width of the page in CSS pixels. */
  width: number;
  /** The engraver's scale in per cent; 50 gives staves 36 pixels high. */
  scale: number;
}

export interface EngraveResult {
  id: number;
  svg: string;
}
