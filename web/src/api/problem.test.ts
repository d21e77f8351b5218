import { describe, expect, it } from 'vitest';
import { messageOf, Problem } from './problem';

describe('a problem in words', () => {
  it('has words of its own for what people run into', () => {
    const problem = Problem.of({
      type: '/problems/not-a-color',
      status: 422,
      detail: 'This is no colour code',
    });
    expect(problem.type).toBe('/problems/not-a-color');
    expect(problem.message).toContain('Write it as 0F7C7A');
  });

  it('names the field that a value was refused for', () => {
    const errors = [{ field: 'name', message: 'must have 1 to 80 characters that can be printed' }];
    expect(Problem.of({ type: '/problems/invalid', status: 422, errors }).message).toBe(
      'Name must have 1 to 80 characters that can be printed.',
    );
  });

  it('passes on what it has no words for', () => {
    const detail = 'There is nothing to undo';
    expect(Problem.of({ type: '/problems/trail-end', status: 409, detail }).message).toContain(detail);
    expect(Problem.of(undefined).message).toContain('That did not work');
  });

  it('carries what happened meanwhile', () => {
    const since = [{ kind: 'begun' as const, count: 1 }];
    expect(Problem.of({ type: '/problems/revision-stale', status: 412, since }).since).toEqual(since);
  });

  it('finds the message of whatever is thrown', () => {
    expect(messageOf(Problem.connection)).toContain('does not answer');
    expect(messageOf('plain')).toBe('plain');
  });
});
