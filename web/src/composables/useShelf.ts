import { computed, ref, watch } from 'vue';
import type { TuneSummary } from '../api/client';

export type Order = 'title' | 'latest' | 'level' | 'key' | 'bars';

export const ORDERS: { value: Order; label: string }[] = [
  { value: 'title', label: 'by title' },
  { value: 'latest', label: 'latest first' },
  { value: 'level', label: 'easiest first' },
  { value: 'key', label: 'by key' },
  { value: 'bars', label: 'shortest first' },
];

const compare: Record<Order, (a: TuneSummary, b: TuneSummary) => number> = {
  title: (a, b) => a.title.localeCompare(b.title),
  latest: (a, b) => b.updatedAt.localeCompare(a.updatedAt),
  // A tune without a level comes last.
  level: (a, b) => (a.level || 9) - (b.level || 9) || a.title.localeCompare(b.title),
  key: (a, b) => a.key.localeCompare(b.key) || a.title.localeCompare(b.title),
  bars: (a, b) => a.bars - b.bars,
};

/** All words of the search somewhere in what the shelf tells of a tune. */
export function matches(tune: TuneSummary, search: string): boolean {
  const told = [tune.title, tune.composer, tune.key, tune.meter, ...tune.tags, ...tune.students]
    .join(' ')
    .toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => told.includes(word));
}

/** What of the shelf is shown, and in which order. */
export function useShelf() {
  const tunes = ref<TuneSummary[]>();
  const search = ref('');
  const tag = ref('');
  const twinsOnly = ref(false);
  const order = ref<Order>('title');

  const tags = computed(() =>
    [...new Set(tunes.value?.flatMap((tune) => tune.tags))].sort((a, b) => a.localeCompare(b)),
  );
  const hasTwins = computed(() => tunes.value?.some((tune) => tune.twin) ?? false);
  // A filter that nothing is left for goes.
  watch(tags, (left) => void (left.includes(tag.value) || (tag.value = '')));
  watch(hasTwins, (any) => (twinsOnly.value &&= any));
  const shown = computed(() =>
    (tunes.value ?? [])
      .filter((tune) => matches(tune, search.value))
      .filter((tune) => !tag.value || tune.tags.includes(tag.value))
      .filter((tune) => !twinsOnly.value || tune.twin)
      .sort(compare[order.value]),
  );
  return { tunes, search, tag, tags, twinsOnly, hasTwins, order, shown };
}
