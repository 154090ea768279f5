import { effectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { EngraveRequest, EngraveResult } from '../engraver/messages';
import { useEngraver } from './useEngraver';

/** An engraver that answers when told to. */
class TestWorker {
  static made: TestWorker[] = [];
  readonly asked: EngraveRequest[] = [];
  onmessage: ((event: MessageEvent<EngraveResult>) => void) | null = null;
  onerror: (() => void) | null = null;
  isTerminated = false;

  constructor() {
    TestWorker.made.push(this);
  }
  postMessage(request: EngraveRequest) {
    this.asked.push(request);
  }
  terminate() {
    this.isTerminated = true;
  }
  answer(result: EngraveResult) {
    this.onmessage!(new MessageEvent('message', { data: result }));
  }
  draw() {
    const { id, pieces } = this.asked.at(-1)!;
    this.answer({ id, svgs: pieces.map((piece) => `<svg>${piece}</svg>`) });
  }
}

const page = (piece: string) => ({
  pieces: [piece],
  width: 800,
  scale: 50,
  braced: false,
  allNumbered: false,
});
const latest = () => TestWorker.made.at(-1)!;

describe('useEngraver', () => {
  beforeEach(() => {
    TestWorker.made = [];
    vi.stubGlobal('Worker', TestWorker);
  });
  afterEach(() => vi.unstubAllGlobals());

  const engraver = () => effectScope().run(() => useEngraver<string>())!;

  it('draws the first and the last of many, with what each was drawn from', () => {
    const { drawing, engrave } = engraver();
    for (const tune of ['one', 'two', 'three']) engrave(tune, page(tune));
    latest().draw();
    expect(drawing.value).toEqual({ svgs: ['<svg>one</svg>'], source: 'one' });
    latest().draw();
    expect(drawing.value).toEqual({ svgs: ['<svg>three</svg>'], source: 'three' });
    expect(latest().asked).toHaveLength(2);
  });

  it('tries a page again with a fresh engraver when one has failed on it', () => {
    const { drawing, trouble, engrave } = engraver();
    engrave('one', page('one'));
    latest().answer({ id: 1, failed: 'out of memory' });
    expect(TestWorker.made[0]!.isTerminated).toBe(true);
    latest().draw();
    expect(drawing.value?.source).toBe('one');
    expect(trouble.value).toBe('');
  });

  it('does not start an engraver that cannot load for ever', () => {
    const { trouble, engrave } = engraver();
    engrave('one', page('one'));
    for (let made = 0; made < TestWorker.made.length && made < 50; made++) {
      TestWorker.made[made]!.onerror!();
    }
    expect(TestWorker.made.length).toBeLessThan(5);
    expect(trouble.value).toContain('could not be drawn');
    engrave('two', page('two'));
    latest().draw();
    expect(trouble.value).toBe('');
  });

  it('says so when a page fails twice, and draws the next', () => {
    const { drawing, trouble, engrave } = engraver();
    engrave('one', page('one'));
    latest().onerror!();
    latest().onerror!();
    expect(trouble.value).toContain('could not be drawn');
    engrave('two', page('two'));
    latest().draw();
    expect(drawing.value?.source).toBe('two');
    expect(trouble.value).toBe('');
  });

  it('leaves an engraver at rest to the next tune, and none that still draws', () => {
    const [resting, drawing] = [effectScope(), effectScope()];
    const first = resting.run(() => useEngraver<string>())!;
    first.engrave('one', page('one'));
    latest().draw();
    const kept = latest();
    resting.stop();
    const second = drawing.run(() => useEngraver<string>())!;
    expect(latest()).toBe(kept);
    second.engrave('two', page('two'));
    kept.draw();
    expect(second.drawing.value?.source).toBe('two');
    second.engrave('three', page('three'));
    drawing.stop();
    expect(kept.isTerminated).toBe(true);
  });

  it('leaves a page that failed for a newer one that waits', () => {
    const { drawing, engrave } = engraver();
    engrave('one', page('one'));
    engrave('two', page('two'));
    latest().answer({ id: 1, failed: 'no such thing' });
    latest().draw();
    expect(drawing.value?.source).toBe('two');
  });
});
