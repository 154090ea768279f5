import { ref } from 'vue';

/** Ways to write beneath a chord: figured bass and case, upper case with chord letters, numbers, functions. */
const SCHOOLS = ['figured', 'functional', 'counted', 'function'] as const;
export type NumeralSchool = (typeof SCHOOLS)[number];

const KEPT_AS = 'zesty.numerals';
const kept = localStorage.getItem(KEPT_AS);
const school = ref<NumeralSchool>(SCHOOLS.find((one) => one === kept) ?? 'figured');

/** The teacher's school, remembered on this device. */
export function useNumerals() {
  const choose = (other: NumeralSchool) => {
    school.value = other;
    localStorage.setItem(KEPT_AS, other);
  };
  return { school, choose };
}
