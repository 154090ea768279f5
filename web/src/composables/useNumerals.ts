import { useLocalStorage } from '@vueuse/core';

/** Ways to write beneath a chord: figured bass and case, upper case with chord letters, numbers, functions. */
export type NumeralSchool = 'figured' | 'functional' | 'counted' | 'function';

const school = useLocalStorage<NumeralSchool>('zesty.numerals', 'figured', {
  writeDefaults: false,
});

/** The teacher's school, remembered on this device. */
export function useNumerals() {
  const choose = (other: NumeralSchool) => void (school.value = other);
  return { school, choose };
}
