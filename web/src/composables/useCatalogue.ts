import { shallowRef } from 'vue';
import { api, type Catalogue } from '../api/client';

/** What can be chosen, asked for once. */
const catalogue = shallowRef<Catalogue>();
let asked: Promise<void> | undefined;
const TRY_AGAIN_AFTER = 2000;

export function useCatalogue() {
  asked ??= api
    .catalogue()
    .then((answer) => void (catalogue.value = answer))
    .catch(() => {
      asked = undefined;
      setTimeout(useCatalogue, TRY_AGAIN_AFTER);
    });
  return catalogue;
}
