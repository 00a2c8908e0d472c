/** The chance of a missed round, against closed forms and against the Beta density added up by hand. */
import { samphireYard } from '../../../demo/samphire-yard';
import type { DoorState, Evening } from '../records/evening';
import { missedBy, priorRounds } from '../tables/shutting';
import type { Place } from '../place/place';
import { daysLater } from '../schema/day';
import { missedBand } from './missed-band';
import { missedAfter, missedChance, namesOf, waysToFail } from './missed-chance';
import { shuttersOf } from './shutters';

const rounds = (made: number, missed: number) => ({ made, missed, stayedOpen: 0, birdOut: 0 });

test.each([
  [0.02, 0, 0],
  [0.02, 300, 2],
  [0.01, 40, 4],
])('posterior mean of %f after %i rounds with %i missed', (prior, made, missed) => {
  const weight = priorRounds.value;
  const { mean } = missedAfter(prior, rounds(made, missed));
  expect(mean).toBeCloseTo((prior * weight + missed) / (weight + made), 12);
});

test('where a = 1 the band has a closed form: 1 − (1 − p)^(1/b)', () => {
  // Prior mean 1/50 with weight 50: a = 1, b = 49 + quiet rounds.
  const band = missedBand(missedAfter(1 / priorRounds.value, rounds(100, 0)));
  const b = priorRounds.value - 1 + 100;
  expect(band[0]).toBeCloseTo(1 - 0.95 ** (1 / b), 8);
  expect(band[1]).toBeCloseTo(1 - 0.05 ** (1 / b), 8);
});

/** ∫ x^(a−1)(1−x)^(b−1), by the midpoint rule. */
function area(a: number, b: number, to: number): number {
  const steps = 40_000;
  let sum = 0;
  for (let i = 0; i < steps; i += 1) {
    const x = (to * (i + 0.5)) / steps;
    sum += (to / steps) * Math.exp((a - 1) * Math.log(x) + (b - 1) * Math.log1p(-x));
  }
  return sum;
}

test.each([
  [0.02, 200, 3],
  [0.1, 30, 9],
])(
  'a twentieth of the density lies to either side of the band: prior %f, %i rounds, %i missed',
  (prior, made, missed) => {
    const weight = priorRounds.value;
    const [a, b] = [prior * weight + missed, (1 - prior) * weight + made - missed];
    const band = missedBand(missedAfter(prior, rounds(made, missed)));
    const whole = area(a, b, 1);
    expect(area(a, b, band[0]) / whole).toBeCloseTo(0.05, 4);
    expect(area(a, b, band[1]) / whole).toBeCloseTo(0.95, 4);
  },
);

const { place } = samphireYard;

/** Evenings one after the other, each with how the pop door stood. */
const evenings = (states: readonly DoorState[], by?: string): Evening[] =>
  states.map((was, index): Evening => {
    const date = daysLater('2026-01-01', index);
    return {
      ...{ id: `${by ?? ''}${index}`, placeId: place.id, date, what: 'evening', told: 'evening' },
      ...{ at: `${date}T17:00:00Z`, doors: [{ opening: 'pop-door', was }], counts: [] },
      ...(by !== undefined && { by }),
    };
  });

test('each person has their own log; one whose name is not said is the keeper', () => {
  const [person] = shuttersOf(place);
  if (!person) throw new Error('somebody shuts the pop door');
  const log = [
    ...evenings(['shut', 'shut', 'open', 'shut']),
    ...evenings(['shut', 'jammed'], 'Neighbour').map((it, index) => ({
      ...it,
      date: daysLater('2026-02-01', index),
    })),
  ];
  expect(missedChance(place, log, person)).toMatchObject({ made: 4, missed: 1 });
  expect(missedChance(place, log, person, 'Neighbour')).toMatchObject({ made: 2, missed: 1 });
  expect(missedChance(place, log, person, 'Stranger').mean).toBe(missedBy.cord.value);
  expect(namesOf(place, log)).toContain('Neighbour');
  // The same records from a second phone.
  expect(missedChance(place, [...log, ...log], person)).toMatchObject({ made: 4, missed: 1 });
});

test('a door that shuts itself fails in two ways, each counted', () => {
  const light: Place = {
    ...place,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        openings: bay.openings.map((it) =>
          it.id === 'pop-door' ? { ...it, shutBy: 'light' as const } : it,
        ),
      })),
    })),
  };
  const [door] = shuttersOf(light);
  if (!door) throw new Error('the door shuts itself');
  const log = evenings(['shut', 'bird-out', 'open', 'jammed', 'shut', 'shut']);
  const chance = missedChance(light, log, door);
  expect(chance).toMatchObject({ made: 6, missed: 3, stayedOpen: 2, birdOut: 1 });
  const { open, out } = waysToFail(missedBy.light.value, chance);
  expect(open.mean + out.mean).toBeCloseTo(chance.mean, 12);
  expect(open.mean).toBeGreaterThan(out.mean);
});
