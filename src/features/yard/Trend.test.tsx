import { render, screen } from '@testing-library/react';
import type { TrendPoint } from '@/core/score/trend';
import { Trend } from './Trend';

const point = (date: string, best: number, worst: number, waysIn: number): TrendPoint => ({
  date,
  hold: { best, worst },
  waysIn,
});

test('one walk makes no trend, none asks for one', () => {
  const { rerender } = render(<Trend points={[point('2026-10-01', 80, 80, 2)]} />);
  expect(screen.getByText(/^One day walked so far/)).toBeTruthy();
  rerender(<Trend points={[]} />);
  expect(screen.getByText(/^Walk it once/)).toBeTruthy();
});

test('says every walk to who cannot see it, and the last dozen only', () => {
  const points = Array.from({ length: 15 }, (_, index) =>
    point(
      `2026-${String(index < 9 ? 1 : 2).padStart(2, '0')}-${String((index % 9) + 10)}`,
      50 + index,
      40,
      3,
    ),
  );
  render(<Trend points={points} />);
  const { ariaLabel } = screen.getByRole('img') as HTMLElement & { ariaLabel: string };
  const said = screen.getByRole('img').getAttribute('aria-label') ?? ariaLabel;
  expect(said.match(/ways in/g)).toHaveLength(12);
  expect(said).toContain('hold 40 to 64 of 100, 3 ways in');
  expect(said).not.toContain('hold 40 to 52 of 100');
});
