import { render, screen } from '@testing-library/react';
import { RateChart } from './RateChart';

const says = () => screen.queryByRole('img')?.getAttribute('aria-label');

test('is drawn only where the log moved the rate, and says by how much', () => {
  const { rerender } = render(
    <RateChart
      name="Fox"
      history={{ usual: 0.2, points: [{ date: '2026-11-26', visits: 0.2 }] }}
    />,
  );
  expect(says()).toBeUndefined();
  rerender(
    <RateChart
      name="Fox"
      history={{ usual: 0.2, points: [{ date: '2026-11-26', visits: 0.5 }] }}
    />,
  );
  expect(says()).toBe(
    'Fox: reckoned about once in 5 days, season apart; by the log now about once in 2 days.',
  );
});

test('keeps its line within the drawing, whatever the rates', () => {
  const dates = ['2026-01-01', '2026-06-01', '2026-11-26'];
  for (const rates of [
    [1e-6, 0.9, 0.5],
    [0.9, 0.001, 1e-5],
    [0.21, 0.22, 0.2],
  ]) {
    const points = rates.map((visits, index) => ({ date: dates[index] ?? '', visits }));
    const { container, unmount } = render(
      <RateChart name="Rat" history={{ usual: 0.2, points }} />,
    );
    const path = container.querySelector('path')?.getAttribute('d') ?? '';
    const heights = [...path.matchAll(/V([\d.-]+)/g)].map(([, y]) => Number(y));
    expect(heights).toHaveLength(3);
    for (const y of heights) {
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(56);
    }
    unmount();
  }
});

test('an animal that never comes has no line', () => {
  render(
    <RateChart name="Rat" history={{ usual: 0, points: [{ date: '2026-11-26', visits: 0 }] }} />,
  );
  expect(says()).toBeUndefined();
});
