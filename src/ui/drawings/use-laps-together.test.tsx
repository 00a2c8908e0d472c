import { act, renderHook } from '@testing-library/react';
import { useLapsTogether } from './use-laps-together';

const rendered = () => renderHook(() => useLapsTogether(1, 'n2')).result;

test('where one lap slides the others follow, and what they say of it moves nobody', () => {
  const { current } = rendered();
  const [first, second] = [jest.fn(), jest.fn()];
  current.follow(first);
  current.follow(second);
  current.slid(120, first);
  expect(second.mock.calls).toEqual([[120]]);
  current.slid(120, second);
  expect(first).not.toHaveBeenCalled();
  current.slid(80, second);
  expect(first.mock.calls).toEqual([[80]]);
});

test('a lap that is gone is not moved; all are as large as one is made', () => {
  const result = rendered();
  const [gone, other] = [jest.fn(), jest.fn()];
  result.current.follow(gone)();
  result.current.slid(50, other);
  expect(gone).not.toHaveBeenCalled();
  act(() => result.current.onZoom(2));
  expect(result.current.zoom).toBe(2);
});
