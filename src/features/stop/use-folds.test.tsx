import { renderHook } from '@testing-library/react';
import type { Settled } from './use-settling';
import { useFolds } from './use-folds';

const told = (...folded: string[]): Settled => ({ folded: new Set(folded), asks: [] });
interface At {
  readonly settled: Settled | undefined;
  readonly moment: string;
}

function shown(place: string, first: At) {
  const { result, rerender } = renderHook(
    ({ settled, moment }: At) => useFolds(place, settled, [moment]),
    { initialProps: first },
  );
  return (next?: At) => {
    if (next) rerender(next);
    return [...result.current];
  };
}

test('nothing is folded while the rows are looked at, only with the next reading', () => {
  const at = shown('a', { settled: undefined, moment: 'one' });
  expect(at()).toEqual([]);
  expect(at({ settled: told('x', 'y'), moment: 'one' })).toEqual([]);
  expect(at({ settled: undefined, moment: 'two' })).toEqual(['x', 'y']);
});

test('what matters again is shown at once, and stays', () => {
  const at = shown('b', { settled: told('x', 'y'), moment: 'one' });
  expect(at()).toEqual(['x', 'y']);
  expect(at({ settled: undefined, moment: 'one' })).toEqual(['x', 'y']);
  expect(at({ settled: told('y', 'z'), moment: 'one' })).toEqual(['y']);
  expect(at({ settled: told('x', 'y', 'z'), moment: 'one' })).toEqual(['y']);
});

test('on the next stop it stays folded until the worker has looked again; another place begins anew', () => {
  shown('c', { settled: told('x'), moment: 'one' });
  expect(shown('c', { settled: undefined, moment: 'two' })()).toEqual(['x']);
  expect(shown('d', { settled: undefined, moment: 'one' })()).toEqual([]);
});
