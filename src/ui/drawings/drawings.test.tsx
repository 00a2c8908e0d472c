import { fireEvent, render, screen } from '@testing-library/react';
import { samphireYard } from '../../../demo/samphire-yard';
import { judge } from '@/core/score/judge';
import { lineCode } from '../theme/line-code';
import { Lap } from './Lap';
import { Legend } from './Legend';
import { SitePlan } from './SitePlan';

const judgement = judge(samphireYard.place, samphireYard.walks);
const { place } = judgement.found;

const shared = {
  place,
  marks: judgement.marks,
  ways: judgement.waysIn,
  width: 360,
  selected: undefined,
};

test('the plan has a button for every wall, named with how it stands', () => {
  const onSelect = jest.fn();
  render(<SitePlan {...shared} tallest={330} onSelect={onSelect} />);
  const walls = screen.getAllByRole('button');
  expect(walls).toHaveLength(14 + 3);
  expect(screen.getAllByRole('button', { name: /: open or minutes$/ })).toHaveLength(3);
  expect(screen.getAllByRole('button', { name: /: hours of work$/ })).toHaveLength(2);
  expect(screen.getAllByRole('button', { name: /: not looked at$/ })).toHaveLength(1);
  fireEvent.click(screen.getByRole('button', { name: /^north 2/ }));
  expect(onSelect).toHaveBeenCalledWith('n2');
});

test('the line code is readable without colour: every mark differs in width, dash or ticks', () => {
  const looks = Object.values(lineCode).map(
    ({ width, dash, ticks }) => `${width} ${dash ?? ''} ${ticks ?? ''}`,
  );
  expect(new Set(looks).size).toBe(looks.length);
});

test('the lap has a button for every bay of the lap, and numbers its ways in', () => {
  const onSelect = jest.fn();
  render(<Lap {...shared} width={900} whole onSelect={onSelect} />);
  expect(screen.getAllByRole('button', { name: /^Lap, / })).toHaveLength(14);
  expect(screen.getByRole('img', { name: /unrolled from the gate, 19\.4 m/ })).toBeTruthy();
  expect(screen.getByText('1')).toBeTruthy();
  expect(screen.getByText('2')).toBeTruthy();
  expect(screen.getAllByText(/^skirt 620 mm/).length).toBeGreaterThan(0);
  fireEvent.click(screen.getByRole('button', { name: 'Lap, hut back wall (open or minutes)' }));
  expect(onSelect).toHaveBeenCalledWith('h1');
});

test('the legend explains only what is on the page', () => {
  render(<Legend marks={new Set(['holds', 'open'])} />);
  expect(screen.getByText('holds')).toBeTruthy();
  expect(screen.getByText('open or minutes')).toBeTruthy();
  expect(screen.queryByText('not looked at')).toBeNull();
});
