import { shallowRef } from 'vue';
import { api, type Catalogue } from '../api/client';

/** What can be chosen, asked for once. */
const catalogue = shallowRef<Catalogue>();
let asked: Promise<void> | undefined;

export function useCatalogue() {
  asked ??= api
    .catalogue()
    .then((answer) => void (catalogue.value = answer))
    // Asked again by the next view that needs it.
    .catch(() => void (asked = undefined));
  return catalogue;
}
