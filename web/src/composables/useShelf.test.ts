import { describe, expect, it } from 'vitest';
import type { TuneSummary } from '../api/client';
import { matches, useShelf } from './useShelf';

const tune = (title: string, rest: Partial<TuneSummary> = {}) =>
  ({
    title,
    composer: '',
    key: 'C major',
    meter: '4/4',
    tags: [],
    students: [],
    level: 0,
    bars: 8,
    twin: '',
    updatedAt: '2026-01-01',
    ...rest,
  }) as unknown as TuneSummary;

describe('matches', () => {
  it('finds all words, wherever they stand', () => {
    const boats = tune('Paper Boats', { tags: ['recital'], students: ['Wren, 8'] });
    expect(matches(boats, 'wren boat')).toBe(true);
    expect(matches(boats, 'RECITAL c major')).toBe(true);
    expect(matches(boats, 'wren waltz')).toBe(false);
    expect(matches(boats, '')).toBe(true);
  });
});

describe('useShelf', () => {
  it('sorts by level with unlabelled tunes last, and keeps to a tag', () => {
    const shelf = useShelf();
    shelf.tunes.value = [
      tune('Hard', { level: 4, tags: ['a'] }),
      tune('None', { tags: ['a', 'b'] }),
      tune('Easy', { level: 1 }),
    ];
    shelf.order.value = 'level';
    expect(shelf.shown.value.map((t) => t.title)).toEqual(['Easy', 'Hard', 'None']);
    shelf.tag.value = 'a';
    expect(shelf.shown.value.map((t) => t.title)).toEqual(['Hard', 'None']);
    expect(shelf.tags.value).toEqual(['a', 'b']);
  });
});
