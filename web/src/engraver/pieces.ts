/** What a bar opens and closes that may reach over its bar line: ties, slurs, hairpins, the pedal, lines of an octave, brackets over endings. */
const OPENS =
  /<(?:tie|ending|slur|pedal)\b[^>]*type=['"]start|<wedge\b[^>]*type=['"](?:crescendo|diminuendo)|<octave-shift\b[^>]*type=['"](?:up|down)/g;
const CLOSES = /<(?:tie|ending|slur|pedal|wedge|octave-shift)\b[^>]*type=['"](?:stop|discontinue)/g;
const ATTRIBUTES = /<attributes>.*?<\/attributes>/gs;
const CLEF = /<clef\b.*?<\/clef>/gs;

const count = (text: string, what: RegExp) => text.match(what)?.length ?? 0;

/** Clefs, key and meter in force after a change of some of them. */
function changed(inForce: string, change: string): string {
  const signs = ['key', 'time'].reduce((all, name) => {
    const sign = new RegExp(`<${name}\\b.*?</${name}>`, 's');
    const now = sign.exec(change)?.[0];
    return now ? all.replace(sign, now) : all;
  }, inForce);
  // Each staff has a clef of its own.
  return (change.match(CLEF) ?? []).reduce((all, now) => {
    const staff = /number=['"]\d+['"]/.exec(now)?.[0];
    return all.replace(CLEF, (clef) => (!staff || clef.includes(staff) ? now : clef));
  }, signs);
}

/** As they stand before a system further down, where the meter is not told again. */
const repeated = (attributes: string) =>
  attributes.replace(/<time\b[^>]*>/, '<time print-object="no">');

/** A bar that begins a system: the engraver parts the music by itself unless told once at least. */
const beginning = (bar: string, attributes = '') =>
  bar.replace('>', `><print new-system="yes"/>${attributes}`);

/**
 * The score as pieces that can be engraved alone, each a whole MusicXML document of one or more systems:
 * it is parted before the bars given, except where a tie, an ending's bracket or the warning of a new
 * key or meter reaches into the next system. A piece that is the same as before need not be drawn again.
 *
 * @param starts the bars, as indices, that begin a new system
 */
export function pieces(musicXml: string, starts: number[]): string[] {
  const [head, ...bars] = musicXml.split(/(?=<measure )/);
  const foot = '</part></score-partwise>';
  const begins = new Set(starts);
  const parts: string[] = [];
  let inForce = '';
  let open = 0;
  bars.forEach((bar, i) => {
    const own = bar.match(ATTRIBUTES) ?? [];
    const isClean = i > 0 && open === 0 && own.length === 0;
    if (i > 0 && !begins.has(i)) parts.push(parts.pop()! + bar);
    else if (i === 0) parts.push(beginning(bar));
    else if (isClean) parts.push(beginning(bar, repeated(inForce)));
    else parts.push(parts.pop()! + beginning(bar));
    for (const change of own) inForce = inForce ? changed(inForce, change) : change;
    open += count(bar, OPENS) - count(bar, CLOSES);
  });
  return parts.map((part, i) => head + part + (i < parts.length - 1 ? foot : ''));
}
