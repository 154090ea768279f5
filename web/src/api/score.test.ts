import { describe, expect, it } from 'vitest';
import { scoreMemory } from './score';

const score = (...measures: { mark: string; text: string }[]) => ({
  head: '<score>',
  measures,
  foot: '</score>',
});

describe('scoreMemory', () => {
  it('puts a score together from what came now and what came before', () => {
    const memory = scoreMemory();
    expect(memory.marks()).toEqual([]);
    const whole = memory.whole(score({ mark: 'a', text: '<1/>' }, { mark: 'b', text: '<2/>' }));
    expect(whole).toBe('<score><1/><2/></score>');
    expect(memory.marks()).toEqual(['a', 'b']);
    expect(memory.whole(score({ mark: 'b', text: '' }, { mark: 'c', text: '<3/>' }))).toBe(
      '<score><2/><3/></score>',
    );
    expect(memory.marks()).toEqual(['b', 'c']);
  });

  it('takes a measure that comes twice from its first coming', () => {
    const sent = score({ mark: 'a', text: '<1/>' }, { mark: 'a', text: '' });
    expect(scoreMemory().whole(sent)).toBe('<score><1/><1/></score>');
  });

  it('does not draw a score with a hole in it', () => {
    expect(() => scoreMemory().whole(score({ mark: 'x', text: '' }))).toThrow('missing');
  });
});
