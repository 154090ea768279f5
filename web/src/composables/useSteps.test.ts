import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import { useSteps } from './useSteps';

describe('useSteps', () => {
  it('takes back what was written last, whichever value it was, and writes it again', () => {
    const [style, hand] = [ref('close'), ref(9)];
    const { write, back, again, canGoBack } = useSteps();
    write(style, 'shells');
    write(hand, 12);
    write(style, 'bass');
    back();
    expect([style.value, hand.value]).toEqual(['shells', 12]);
    back();
    expect([style.value, hand.value]).toEqual(['shells', 9]);
    again();
    expect([style.value, hand.value]).toEqual(['shells', 12]);
    back();
    back();
    expect([style.value, hand.value, canGoBack.value]).toEqual(['close', 9, false]);
    back();
    expect(style.value).toBe('close');
  });

  it('forgets what was taken back once something else is written', () => {
    const style = ref('close');
    const { write, back, again } = useSteps();
    write(style, 'shells');
    back();
    write(style, 'bass');
    again();
    expect(style.value).toBe('bass');
  });
});
