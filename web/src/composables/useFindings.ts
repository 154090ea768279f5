import { computed, ref, type Ref } from 'vue';
import type { Finding } from '../api/client';

/** How much a school minds it, in the words a teacher says to a student. */
export const LEVELS: Record<Finding['level'], string> = {
  fault: 'To fix',
  mind: 'To watch',
  word: 'A word',
};
/** The same where it may also be silent. */
export const MINDED = { ...LEVELS, none: 'Not told' };
const ORDER = Object.keys(LEVELS) as Finding['level'][];

/** A choice of what is listed, with how often it is there. */
export interface Kind {
  name: string;
  value: string;
}

/** Nothing is left out. */
export const ALL = 'all';

const HANDS = { left: 'Left hand', right: 'Right hand', both: 'Both hands' };
const times = ({ others }: Finding) => 1 + (others?.length ?? 0);

function counted(findings: Finding[], group: string, nameOf: (finding: Finding) => string) {
  const counts = new Map<string, number>();
  for (const finding of findings) {
    const name = nameOf(finding);
    counts.set(name, (counts.get(name) ?? 0) + times(finding));
  }
  return [...counts].map(([name, count]) => ({
    name: `${name} (${count})`,
    value: `${group}:${name}`,
  }));
}

/** What is found, the gravest first, and which of it is listed. */
export function useFindings(findings: Ref<Finding[]>) {
  const wanted = ref(ALL);
  const namesOf = (finding: Finding) => [
    `level:${LEVELS[finding.level]}`,
    `hand:${HANDS[finding.hand]}`,
    `what:${finding.title}`,
  ];
  const sorted = computed(() =>
    [...findings.value].sort((one, other) => ORDER.indexOf(one.level) - ORDER.indexOf(other.level)),
  );
  const kinds = computed<{ group: string; items: Kind[] }[]>(() =>
    [
      { group: 'How grave', items: counted(sorted.value, 'level', ({ level }) => LEVELS[level]) },
      { group: 'Which hand', items: counted(sorted.value, 'hand', ({ hand }) => HANDS[hand]) },
      { group: 'What', items: counted(sorted.value, 'what', ({ title }) => title) },
    ].filter(({ items }) => items.length > 1),
  );
  const listed = computed(() => {
    const some = sorted.value.filter((finding) => namesOf(finding).includes(wanted.value));
    // What was chosen may be mended meanwhile.
    return some.length ? some : sorted.value;
  });
  return {
    wanted,
    kinds,
    listed,
    total: computed(() => sorted.value.reduce((n, f) => n + times(f), 0)),
  };
}
