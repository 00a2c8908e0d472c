import { act, render, screen } from '@testing-library/react';
import { useToday } from './use-today';

function Today() {
  return useToday();
}

beforeEach(() => jest.useFakeTimers({ now: new Date(2026, 10, 26, 23, 58) }));
afterEach(() => jest.useRealTimers());

test('the day goes on at midnight where a page stands open', () => {
  render(<Today />);
  expect(screen.getByText('2026-11-26')).toBeTruthy();
  act(() => jest.advanceTimersByTime(60_000));
  expect(screen.getByText('2026-11-26')).toBeTruthy();
  act(() => jest.advanceTimersByTime(120_000));
  expect(screen.getByText('2026-11-27')).toBeTruthy();
});

test('a page that slept is on the day it is come back to', () => {
  render(<Today />);
  jest.setSystemTime(new Date(2026, 10, 29, 7, 0));
  act(() => void document.dispatchEvent(new Event('visibilitychange')));
  expect(screen.getByText('2026-11-29')).toBeTruthy();
});
