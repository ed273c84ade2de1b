import { stepped } from '@/ui/kit/stepped';

/** The window’s clock, which only the work moves. */
let nowMs = 0;
beforeEach(() => {
  jest.useFakeTimers();
  jest.spyOn(performance, 'now').mockImplementation(() => nowMs);
});
afterEach(() => jest.restoreAllMocks());

/** Work of so many steps, each of which takes 4 ms. */
function* work(steps: number): Generator<number, string> {
  for (let at = 1; at <= steps; at += 1) {
    nowMs += 4;
    yield at;
  }
  return 'done';
}

/** Begins it, and collects the steps and the results that are told. */
function begun(steps: number, waitMs?: number) {
  const told: number[] = [];
  const results: string[] = [];
  const leave = stepped(work(steps), {
    ...(waitMs === undefined ? {} : { waitMs }),
    onStep: (step) => told.push(step),
    onDone: (result) => results.push(result),
  });
  return { told, results, leave };
}

describe('work that is stepped through', () => {
  it('is done to its end, every step told in order, and its result once', () => {
    const { told, results } = begun(100);
    jest.runAllTimers();
    expect(told).toEqual(Array.from({ length: 100 }, (_, at) => at + 1));
    expect(results).toEqual(['done']);
  });

  it('is told as done where it has no steps', () => {
    const { told, results } = begun(0);
    jest.runAllTimers();
    expect([told, results]).toEqual([[], ['done']]);
  });

  it('does not begin before it may', () => {
    const { told, results } = begun(1, 500);
    jest.advanceTimersByTime(499);
    expect([told, results]).toEqual([[], []]);
    jest.advanceTimersByTime(1);
    jest.runAllTimers();
    expect([told, results]).toEqual([[1], ['done']]);
  });

  it('lets others have their turn in between', () => {
    const { told, results } = begun(100);
    const seen: number[] = [];
    const other = setInterval(() => seen.push(told.length), 1);
    while (results.length === 0) jest.advanceTimersToNextTimer();
    clearInterval(other);
    expect(Math.max(...seen)).toBeGreaterThan(0);
    expect(Math.min(...seen)).toBeLessThan(100);
  });

  it('is left where it is once it is not needed any more', () => {
    const { told, results, leave } = begun(100);
    jest.advanceTimersToNextTimer();
    const until = told.length;
    leave();
    jest.runAllTimers();
    expect([told.length, results]).toEqual([until, []]);
    expect(until).toBeLessThan(100);
  });
});
