import { render, screen } from '@testing-library/react';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { allBays } from '@/core/place/find';
import { itemView } from '@/core/score/item-view';
import { judge } from '@/core/score/judge';
import { StrandLines } from './StrandLines';

test('says what the strand turns back of each, with its source, and the caution', () => {
  const judgement = judge(tamarackBank.place, tamarackBank.walks, { date: '2026-07-15' });
  const bay = allBays(judgement.found.place).find(({ bay: it }) => it.strands.length > 0)?.bay;
  const strands = itemView(judgement, bay?.id ?? '')?.strands ?? [];
  render(<StrandLines strands={strands} />);
  expect(screen.getAllByText(/tries in 100$/)).toHaveLength(strands.length);
  expect(screen.getAllByText(/prescribed wires met; [\d.]+ kV; touching it: /)).toHaveLength(
    strands.length,
  );
  expect(screen.getAllByText(/^At most \d+ in 100: /)).toHaveLength(strands.length);
  expect(
    screen.getByText(/A listed energizer only, signed, and never two on one fence/),
  ).toBeTruthy();
});
