const CONVENIENCES = /^zesty\.history\./;

/** Keeps a text on this device; where it is full, at the cost of what is only a convenience. False where it cannot. */
export function keepHere(name: string, text: string): boolean {
  for (const again of [false, true]) {
    try {
      localStorage.setItem(name, text);
      return true;
    } catch {
      if (!again) Object.keys(localStorage).filter(isConvenience).forEach(drop);
    }
  }
  return false;
}

const isConvenience = (name: string) => CONVENIENCES.test(name);
const drop = (name: string) => localStorage.removeItem(name);
