import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Resource } from './resource.svelte';

/** An answer that comes when the test lets it come. */
class Later {
  readonly signal: AbortSignal;
  answer: (value: string) => void = () => undefined;
  refuse: (error: Error) => void = () => undefined;
  readonly promise: Promise<string>;

  constructor(signal: AbortSignal) {
    this.signal = signal;
    this.promise = new Promise((resolve, reject) => {
      this.answer = resolve;
      this.refuse = reject;
    });
  }
}

/** Lets everything that has been answered come through. */
async function settle(): Promise<void> {
  await vi.advanceTimersByTimeAsync(0);
  flushSync();
}

describe('what is asked of the server', () => {
  let key = $state<string | undefined>('a');
  let asked: Later[] = [];
  let end: () => void = () => undefined;
  let resource: Resource<string>;

  beforeEach(() => {
    vi.useFakeTimers();
    key = 'a';
    asked = [];
    end = $effect.root(() => {
      resource = new Resource(() => {
        const now = key;
        return now === undefined
          ? undefined
          : {
              key: now,
              ask: (signal) => {
                const later = new Later(signal);
                asked.push(later);
                return later.promise;
              },
            };
      });
    });
    flushSync();
  });

  afterEach(() => {
    end();
    vi.useRealTimers();
  });

  it('is asked once for the same question and anew for another', async () => {
    key = 'a';
    flushSync();
    expect(asked).toHaveLength(1);
    key = 'b';
    flushSync();
    expect(asked).toHaveLength(2);
    asked[1]?.answer('B');
    await settle();
    expect(resource.value).toBe('B');
  });

  it('drops an older answer that comes later, and aborts its request', async () => {
    key = 'b';
    flushSync();
    expect(asked[0]?.signal.aborted).toBe(true);
    asked[1]?.answer('B');
    await settle();
    asked[0]?.answer('A');
    await settle();
    expect(resource.value).toBe('B');
  });

  it('drops an older refusal too', async () => {
    key = 'b';
    flushSync();
    asked[0]?.refuse(new Error('gone'));
    asked[1]?.answer('B');
    await settle();
    expect(resource.problem).toBeUndefined();
  });

  it('keeps the last answer until the next one is there, and says what failed', async () => {
    asked[0]?.answer('A');
    await settle();
    key = 'b';
    flushSync();
    expect(resource.value).toBe('A');
    asked[1]?.refuse(new Error('It is broken'));
    await settle();
    expect(resource.problem).toBe('It is broken');
    resource.again();
    asked[2]?.answer('B');
    await settle();
    expect(resource.value).toBe('B');
    expect(resource.problem).toBeUndefined();
  });

  it('says when an answer takes longer than people like', async () => {
    await vi.advanceTimersByTimeAsync(299);
    expect(resource.slow).toBe(false);
    await vi.advanceTimersByTimeAsync(2);
    expect(resource.slow).toBe(true);
    asked[0]?.answer('A');
    await settle();
    expect(resource.slow).toBe(false);
  });

  it('has no answer where there is nothing to ask, and asks nothing more after its end', async () => {
    asked[0]?.answer('A');
    await settle();
    key = undefined;
    flushSync();
    expect(resource.value).toBeUndefined();
    key = 'c';
    flushSync();
    const last = asked.at(-1);
    end();
    expect(last?.signal.aborted).toBe(true);
  });
});
