import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { prepareEngraver, takeEngraver } from './start';

class TestWorker {
  static made: TestWorker[] = [];
  onerror: (() => void) | null = null;
  constructor() {
    TestWorker.made.push(this);
  }
}

describe('the engraver', () => {
  beforeEach(() => {
    TestWorker.made = [];
    vi.stubGlobal('Worker', TestWorker);
  });
  afterEach(() => vi.unstubAllGlobals());

  it('is prepared once and taken once', () => {
    prepareEngraver();
    prepareEngraver();
    expect(TestWorker.made).toHaveLength(1);
    expect(takeEngraver()).toBe(TestWorker.made[0]);
    expect(takeEngraver()).toBe(TestWorker.made[1]);
  });

  it('is another where the one prepared could not be loaded', () => {
    prepareEngraver();
    TestWorker.made[0]!.onerror!();
    expect(takeEngraver()).toBe(TestWorker.made[1]);
  });
});
