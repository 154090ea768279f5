import { computed, ref, type Ref } from 'vue';
import type { Finding } from '../api/client';

/** How grave a school holds it. */
export const SEVERITIES: Record<Finding['severity'], string> = {
  fault: 'Fault',
  warning: 'Warning',
  hint: 'Hint',
};
/** The same where it may also be silent. */
export const OWN_SEVERITIES = { ...SEVERITIES, off: 'Hidden' };
const ORDER = Object.keys(SEVERITIES) as Finding['severity'][];

/** A choice of what is listed, with how often it is there. */
export interface Kind {
  name: string;
  value: string;
}

/** Nothing is left out. */
export const ALL = 'all';

const HANDS = { left: 'Left hand', right: 'Right hand', both: 'Both hands', '': 'Parts' };
const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const times = ({ others }: Finding) => 1 + (others?.length ?? 0);

function counted(findings: Finding[], group: string, namesOf: (finding: Finding) => string[]) {
  const counts = new Map<string, number>();
  for (const finding of findings) {
    for (const name of namesOf(finding)) counts.set(name, (counts.get(name) ?? 0) + times(finding));
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
    `severity:${SEVERITIES[finding.severity]}`,
    `hand:${HANDS[finding.hand]}`,
    ...finding.voices.map((voice) => `voice:${capital(voice)}`),
    `what:${finding.title}`,
  ];
  const sorted = computed(() =>
    [...findings.value].sort(
      (one, other) => ORDER.indexOf(one.severity) - ORDER.indexOf(other.severity),
    ),
  );
  const kinds = computed<{ group: string; items: Kind[] }[]>(() =>
    [
      {
        group: 'Severity',
        items: counted(sorted.value, 'severity', ({ severity }) => [SEVERITIES[severity]]),
      },
      { group: 'Hand', items: counted(sorted.value, 'hand', ({ hand }) => [HANDS[hand]]) },
      {
        group: 'Voice',
        items: counted(sorted.value, 'voice', ({ voices }) => voices.map(capital)),
      },
      { group: 'What', items: counted(sorted.value, 'what', ({ title }) => [title]) },
    ].filter(({ items }) => items.length > 1),
  );
  const listed = computed(() => {
    const some = sorted.value.filter((finding) => namesOf(finding).includes(wanted.value));
    // What was chosen may be fixed meanwhile.
    return some.length ? some : sorted.value;
  });
  return {
    wanted,
    kinds,
    listed,
    total: computed(() => sorted.value.reduce((n, f) => n + times(f), 0)),
  };
}
