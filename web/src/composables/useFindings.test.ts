import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import type { Finding } from '../api/client';
import { useFindings } from './useFindings';

const finding = (severity: Finding['severity'], title: string, others = 0): Finding => ({
  code: 'any',
  severity,
  hand: 'left',
  voices: [],
  chord: 0,
  bar: 1,
  beat: 1,
  title,
  message: '',
  remedy: '',
  page: '',
  bodily: false,
  motions: [],
  others: [],
  ...(others
    ? { others: Array.from({ length: others }, (_, i) => ({ chord: i + 1, bar: 2 })) }
    : {}),
});

describe('what is found', () => {
  const list = useFindings(
    ref([
      finding('hint', 'One rhythm'),
      finding('fault', 'Parallel fifths', 2),
      finding('warning', 'Muddy'),
    ]),
  );

  it('stands with the gravest first', () => {
    expect(list.listed.value.map(({ severity }) => severity)).toEqual(['fault', 'warning', 'hint']);
  });

  it('is counted at every place', () => {
    expect(list.total.value).toBe(5);
    const names = list.kinds.value.flatMap(({ items }) => items.map(({ name }) => name));
    expect(names).toContain('Parallel fifths (3)');
    expect(names).toContain('Fault (3)');
  });

  it('is listed by kind, and whole again once the kind is gone', () => {
    list.wanted.value = 'what:Muddy';
    expect(list.listed.value.map(({ title }) => title)).toEqual(['Muddy']);
    list.wanted.value = 'what:Stretch';
    expect(list.listed.value).toHaveLength(3);
  });
});
