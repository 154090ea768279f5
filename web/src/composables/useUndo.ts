import { useToast } from 'primevue/usetoast';

const LONG_ENOUGH = 12_000;

/** What is said for a while at the foot of the page, with a way to take back what was done. */
export interface Said {
  severity: 'secondary';
  summary: string;
  life: number;
  undo?: (() => void) | undefined;
}

/** Says what was done. */
export function useUndo() {
  const toast = useToast();
  return (summary: string, undo?: () => void) => {
    const said: Said = { severity: 'secondary', summary, life: LONG_ENOUGH, undo };
    toast.add(said);
  };
}
