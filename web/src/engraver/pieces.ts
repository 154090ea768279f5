/** What a bar opens and closes that may reach over its bar line: ties, and brackets over endings. */
const OPENS = /<(?:tie|ending)\b[^>]*type=['"]start/g;
const CLOSES = /<(?:tie|ending)\b[^>]*type=['"](?:stop|discontinue)/g;
const ATTRIBUTES = /<attributes>.*?<\/attributes>/s;

const count = (text: string, what: RegExp) => text.match(what)?.length ?? 0;

/** Clefs, key and meter in force after a change of some of them. */
function changed(inForce: string, change: string): string {
  return ['key', 'time'].reduce((all, name) => {
    const sign = new RegExp(`<${name}\\b.*?</${name}>`, 's');
    const now = sign.exec(change)?.[0];
    return now ? all.replace(sign, now) : all;
  }, inForce);
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
    const own = ATTRIBUTES.exec(bar)?.[0];
    const isClean = i > 0 && open === 0 && !own;
    if (i > 0 && !begins.has(i)) parts.push(parts.pop()! + bar);
    else if (i === 0) parts.push(beginning(bar));
    else if (isClean) parts.push(beginning(bar, repeated(inForce)));
    else parts.push(parts.pop()! + beginning(bar));
    if (own) inForce = inForce ? changed(inForce, own) : own;
    open += count(bar, OPENS) - count(bar, CLOSES);
  });
  return parts.map((part, i) => head + part + (i < parts.length - 1 ? foot : ''));
}
