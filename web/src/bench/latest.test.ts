import { describe, expect, it } from 'vitest';
import { LatestOnly } from './latest';

function question(answer: string) {
  let resolve: (value: string) => void = () => undefined;
  const asked: string[] = [];
  const promise = new Promise<string>((done) => (resolve = done));
  return {
    ask: () => {
      asked.push(answer);
      return promise;
    },
    answer: () => resolve(answer),
    asked,
  };
}

describe('asking for the latest only', () => {
  it('skips what came in between', async () => {
    const taken: string[] = [];
    const latest = new LatestOnly<string>((answer) => taken.push(answer));
    const [first, second, third] = [question('1'), question('2'), question('3')];
    latest.ask(first.ask);
    latest.ask(second.ask);
    latest.ask(third.ask);
    first.answer();
    third.answer();
    await new Promise((resolve) => setTimeout(resolve));
    expect(taken).toEqual(['1', '3']);
    expect(second.asked).toEqual([]);
  });

  it('takes nothing after the end', async () => {
    const taken: string[] = [];
    const latest = new LatestOnly<string>((answer) => taken.push(answer));
    const only = question('1');
    latest.ask(only.ask);
    latest.end();
    only.answer();
    await new Promise((resolve) => setTimeout(resolve));
    expect(taken).toEqual([]);
  });

  it('goes on after a question that failed', async () => {
    const taken: string[] = [];
    const latest = new LatestOnly<string>((answer) => taken.push(answer));
    latest.ask(() => Promise.reject(new Error('gone')));
    await new Promise((resolve) => setTimeout(resolve));
    latest.ask(() => Promise.resolve('2'));
    await new Promise((resolve) => setTimeout(resolve));
    expect(taken).toEqual(['2']);
  });
});
