import { samphireYard } from '../../../demo/samphire-yard';
import { lapOf } from '../place/lap';
import { lineBays } from '../place/line-bays';
import { penPlace } from '../tests/one-pen';
import { firstLine } from './first-line';

const { place } = samphireYard;
const amountOf = (it: ReturnType<typeof firstLine>, part: string) =>
  it.lines.find((line) => line.part === part)?.amount ?? 0;

test('wire for the whole lap and a tenth more, a handle a wire at each door, three rods, two signs or more', () => {
  const line = firstLine(lineBays(place), 2);
  expect(line.length).toBe(lapOf(place).length);
  expect(amountOf(line, 'wire')).toBe(Math.ceil(line.length * 2 * 1.1));
  const doors = lapOf(place).bays.filter(({ bay }) =>
    bay.openings.some(({ kind }) => kind === 'gate'),
  ).length;
  expect(amountOf(line, 'handle')).toBeGreaterThanOrEqual(2 * doors);
  // At least three rods (common practice of makers).
  expect(amountOf(line, 'rod')).toBe(3);
  expect(amountOf(line, 'sign')).toBeGreaterThanOrEqual(2);
});

test('no stretch of wire hangs farther than an insulator carries', () => {
  const line = firstLine(lineBays(place), 1);
  expect(amountOf(line, 'insulator') * 2000).toBeGreaterThanOrEqual(line.length);
});

test('its cost is the sum of its lines, and another wire costs and takes more', () => {
  const [one, two] = [1, 2].map((wires) => firstLine(lineBays(place), wires));
  for (const it of [one, two]) {
    expect(it?.cents).toBe(it?.lines.reduce((sum, { cents }) => sum + cents, 0));
  }
  expect(two?.cents).toBeGreaterThan(one?.cents ?? 0);
  expect(two?.minutes).toBeGreaterThan(one?.minutes ?? 0);
});

test('a pen without a door needs no handle', () => {
  expect(amountOf(firstLine(lineBays(penPlace(['red-fox'], {})), 1), 'handle')).toBe(0);
});
