import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { giveBackEngraver, prepareEngraver, takeEngraver } from './start';

class TestWorker {
  static made: TestWorker[] = [];
  onerror: (() => void) | null = null;
  isTerminated = false;
  constructor() {
    TestWorker.made.push(this);
  }
  terminate() {
    this.isTerminated = true;
  }
}

describe('the engraver', () => {
  beforeEach(() => {
    vi.stubGlobal('Worker', TestWorker);
    // Whatever was kept before is taken.
    takeEngraver();
    TestWorker.made = [];
  });
  afterEach(() => vi.unstubAllGlobals());

  it('is prepared once and taken once', () => {
    prepareEngraver();
    prepareEngraver();
    expect(TestWorker.made).toHaveLength(1);
    expect(takeEngraver()).toBe(TestWorker.made[0]);
    expect(takeEngraver()).toBe(TestWorker.made[1]);
  });

  it('serves the next tune when one gives it back, and no more than one is kept', () => {
    const [first, second] = [takeEngraver(), takeEngraver()];
    giveBackEngraver(first);
    giveBackEngraver(second);
    expect(TestWorker.made.map((made) => made.isTerminated)).toEqual([false, true]);
    expect(takeEngraver()).toBe(first);
  });

  it('is another where the one prepared could not be loaded', () => {
    prepareEngraver();
    TestWorker.made[0]!.onerror!();
    expect(takeEngraver()).toBe(TestWorker.made[1]);
  });
});
