import { afterEach, expect, it, vi } from 'vitest';
import type { Catalogue } from '../api/client';

afterEach(() => vi.useRealTimers());

it('is asked for again until the server is there', async () => {
  vi.resetModules();
  const { api, Away } = await import('../api/client');
  const { useCatalogue } = await import('./useCatalogue');
  vi.useFakeTimers();
  const asked = vi.spyOn(api, 'catalogue').mockRejectedValueOnce(new Away('gone'));
  asked.mockResolvedValueOnce({ styles: [] } as unknown as Catalogue);
  const catalogue = useCatalogue();
  await vi.advanceTimersByTimeAsync(2000);
  expect(asked).toHaveBeenCalledTimes(2);
  expect(catalogue.value).toEqual({ styles: [] });
});
