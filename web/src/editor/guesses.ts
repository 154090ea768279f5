import type { ArrangedChord } from '../api/client';

/** A guessed symbol as it stands in the chart: what is before it, its names, what is behind. */
const TOKEN = /^(>?)([^!?=]+)(!?)\?([^=]*)(=.*)?$/;

/** The chart with a chord's text replaced. */
export function replaced(
  chart: string,
  chord: ArrangedChord,
  change: (token: string) => string,
): string {
  const { line, column, length } = chord.text;
  const lines = chart.split('\n');
  const text = lines[line - 1];
  if (text === undefined || length === 0) return chart;
  const from = column - 1;
  lines[line - 1] =
    text.slice(0, from) + change(text.slice(from, from + length)) + text.slice(from + length);
  return lines.join('\n');
}

/** The chart with a guess confirmed, under its own name or another. */
export function confirmed(chart: string, chord: ArrangedChord, name?: string): string {
  return replaced(chart, chord, (token) => {
    const [, pushed = '', symbol = token, held = '', , heard = ''] = TOKEN.exec(token) ?? [];
    return `${pushed}${name ?? symbol}${held}${name ? '' : heard}`;
  });
}

/** Names with the odds that stand behind them: {@code C6?21}. */
function named(parts: string[]): string[] {
  const names: string[] = [];
  for (const part of parts) {
    if (/^\d+$/.test(part) && names.length) names[names.length - 1] += `?${part}`;
    else names.push(part);
  }
  return names;
}

/** The chart with the next of a guess's names in the first place, still a guess. */
export function nextGuess(chart: string, chord: ArrangedChord): string {
  return replaced(chart, chord, (token) => {
    const [, pushed = '', symbol = '', held = '', others = '', heard = ''] =
      TOKEN.exec(token) ?? [];
    const names = named([symbol, ...others.split('?').filter(Boolean)]);
    const [first, next, ...rest] = names;
    if (!first || !next) return token;
    const [name, ...odds] = next.split('?');
    const behind = [...odds, ...rest, first].join('?');
    return `${pushed}${name}${held}?${behind}${heard}`;
  });
}

/** All guesses confirmed as they stand. */
export function allConfirmed(chart: string): string {
  return chart
    .split('\n')
    .map((line) =>
      line.trimStart().startsWith('|') ? line.replace(/([^\s|?"{]+)\?[^\s|:=]*/g, '$1') : line,
    )
    .join('\n');
}
