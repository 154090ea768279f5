import { HighlightStyle, StreamLanguage, syntaxHighlighting } from '@codemirror/language';
import { tags } from '@lezer/highlight';

/** Colours for the parts of a chart; what is right or wrong is the server's to say. */
const language = StreamLanguage.define<{ tune: boolean }>({
  startState: () => ({ tune: false }),
  token(stream, state) {
    if (stream.sol()) state.tune = Boolean(stream.match(/\s*[mlw]:/, false));
    if (stream.sol() && stream.match(/\s*#.*/)) return 'comment';
    if (stream.sol() && stream.match(/\s*[A-Za-z]+(?=\s*:(?!\|))/)) return 'propertyName';
    if (stream.sol() && stream.match(/\s*\[[^\]]*]/)) return 'heading';
    if (state.tune) {
      if (stream.match(/\|+/)) return 'punctuation';
      stream.match(/[^|]+/);
      return 'string';
    }
    if (stream.match(/"[^"]*"?/)) return 'comment';
    if (stream.match(/\{[^}]*\}?/)) return 'heading';
    if (stream.match(/[^\s|:?]*\?[^\s|:]*/)) return 'invalid';
    if (stream.match(/:?\|+[:\]]?(\s*[x×]\d|\d[\d,-]*(?=\s))?/)) return 'punctuation';
    if (stream.match(/[%/](?=\s|$)/) || stream.match(/N\.?C\.?/)) return 'keyword';
    if (stream.match(/[^\s|:]+/)) return 'atom';
    stream.next();
    return null;
  },
});

const style = HighlightStyle.define([
  { tag: tags.comment, color: 'var(--ink-soft)', fontStyle: 'italic' },
  { tag: tags.propertyName, color: 'var(--ink-soft)' },
  { tag: tags.heading, color: 'var(--zest)', fontWeight: '600' },
  { tag: tags.punctuation, color: 'var(--ink-soft)' },
  { tag: tags.keyword, color: 'var(--ink-soft)' },
  { tag: tags.string, color: 'var(--ink)' },
  {
    tag: tags.invalid,
    color: 'var(--zest)',
    fontWeight: '600',
    textDecoration: 'underline dotted',
  },
  { tag: tags.atom, color: 'var(--ink)', fontWeight: '600' },
]);

export const chartLanguage = [language, syntaxHighlighting(style)];
