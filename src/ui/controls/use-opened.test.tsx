import { act, renderHook } from '@testing-library/react';
import { useOpened } from './use-opened';

test('a screen opens stage by stage, each drawn, up to the last', async () => {
  const drawn: number[] = [];
  const { result } = renderHook(() => {
    const stage = useOpened(3);
    drawn.push(stage);
    return stage;
  });
  await act(async () => {});
  expect(result.current).toBe(3);
  expect([...new Set(drawn)]).toEqual([0, 1, 2, 3]);
});
