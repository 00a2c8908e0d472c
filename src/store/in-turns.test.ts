import type { Steps } from '@/core/steps';
import { atOnce } from '@/core/steps';
import { inTurns } from './in-turns';

function* counting(to: number, costMs: number): Steps<number> {
  let sum = 0;
  for (let step = 1; step <= to; step += 1) {
    const until = performance.now() + costMs;
    while (performance.now() < until) sum += 0;
    sum += step;
    yield;
  }
  return sum;
}

it('gives the same answer in turns as at once', async () => {
  expect(await inTurns(counting(10, 0))).toBe(atOnce(counting(10, 0)));
});

it('lets others have a turn in between', async () => {
  const order: string[] = [];
  const work = inTurns(counting(4, 6)).then(() => order.push('done'));
  setTimeout(() => order.push('other'), 0);
  await work;
  expect(order).toEqual(['other', 'done']);
});

it('hands on what goes wrong', async () => {
  function* failing(): Steps<number> {
    yield;
    throw new Error('no');
  }
  await expect(inTurns(failing())).rejects.toThrow('no');
});
