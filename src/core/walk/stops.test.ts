import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { applyReadings } from '../records/apply-readings';
import { setAttribute } from '../records/set-attribute';
import { judge, type Judgement } from '../score/judge';
import { purposesOf, weakBays } from './purposes';
import { questionsOf } from './questions';
import { walkSections } from '../attributes/attribute';
import { stopsOf, type Course } from './stops';

const weakWays = ({ waysIn, slowWays }: Judgement) => [...waysIn, ...slowWays];
const november = '2026-11-26';
const demos = { samphireYard, tamarackBank };
const found = applyReadings(samphireYard.place, samphireYard.walks);
const asked = (course: Course = {}, day = november) =>
  stopsOf(found, course, day).stops.flatMap(({ questions }) => questions);

describe.each(Object.entries(demos))('%s', (_name, { place, walks }) => {
  const yard = applyReadings(place, walks);
  const { stops } = stopsOf(yard, {}, november);

  test('stops come in the order of the trade: distance, lap, overhead, fence, inside, house, shut', () => {
    const order = stops.map(({ section }) => walkSections.indexOf(section));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(stops[0]?.section).toBe('distance');
    expect(stops.at(-1)?.section).toBe('shut');
  });

  test('every question that is judged is asked exactly once, unless its cover is off today', () => {
    const ids = stops.flatMap(({ questions }) => questions.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
    const off = new Set(ids.filter((id) => id.endsWith('~check.dressed')));
    const missing = questionsOf(yard.place).filter(({ id }) => !ids.includes(id));
    for (const { item } of missing) expect(off).toContain(`${item}~check.dressed`);
  });

  test('stop ids are unique, and no stop is empty', () => {
    const ids = stops.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { questions } of stops) expect(questions.length).toBeGreaterThan(0);
  });

  test('the other way round keeps the gate first, and visits the same', () => {
    const back = stopsOf(yard, { backwards: true }, november).stops;
    const lap = (of: typeof stops) =>
      of.filter(({ section }) => section === 'lap').map(({ id }) => id);
    expect(lap(back)[0]).toBe(lap(stops)[0]);
    expect(lap(back).slice(1)).toEqual(lap(stops).slice(1).reverse());
    expect(back.map(({ id }) => id).sort()).toEqual(stops.map(({ id }) => id).sort());
  });
});

test('inside one stands at one place: how near birds roost to each wall is asked there, with what is asked of the zone', () => {
  const { place } = tamarackBank;
  const { stops } = stopsOf(applyReadings(place, []), {}, november);
  const roosts = (id: string): string[] =>
    (stops.find((it) => it.id === id)?.questions ?? []).flatMap(({ attribute, bay }) =>
      attribute === 'bay.roost' && bay !== undefined ? [bay] : [],
    );
  expect(stops.filter(({ section }) => section === 'inside').map(({ id }) => id)).toEqual([
    'inside-run',
    'inside-hoop',
  ]);
  expect(roosts('inside-hoop')).toHaveLength(5);
  // After the looks at the zone itself.
  const inside = stops.find(({ id }) => id === 'inside-hoop')?.questions ?? [];
  expect(inside.map(({ attribute }) => attribute === 'bay.roost').indexOf(true)).toBe(
    inside.length - 5,
  );
  expect(stops.find(({ id }) => id === 'inside-hoop')).toMatchObject({ name: 'hoop pen' });
  // A wall between run and house is come to by itself, and asked about there.
  expect(roosts('house-house')).not.toContain('dairy-west-1');
  expect(roosts('house-dairy-west-1')).toEqual(['dairy-west-1']);
});

test('a fence is asked about only where there is one', () => {
  const withFence = applyReadings(tamarackBank.place, tamarackBank.walks);
  expect(stopsOf(withFence, {}, november).stops.some(({ section }) => section === 'fence')).toBe(
    true,
  );
  expect(stopsOf(found, {}, november).stops.some(({ section }) => section === 'fence')).toBe(false);
});

test('nothing digs through a slab: no digging is asked there; in soil it is', () => {
  const dig = (soil: string) => {
    const place = setAttribute(samphireYard.place, 'w2', 'ground.soil', { is: soil });
    const { stops } = stopsOf(applyReadings(place, []), {}, november);
    return stops.flatMap(({ questions }) => questions).some(({ id }) => id === 'w2~ground.digging');
  };
  expect(dig('hard-surface')).toBe(false);
  expect(dig('firm')).toBe(true);
});

test('a winter board is asked about on when it is winter, and off when it is not', () => {
  const board = samphireYard.place.faces
    .flatMap(({ bays }) => bays)
    .flatMap(({ bands }) => bands.flatMap(({ layers }) => layers))
    .find(({ on }) => on !== undefined);
  const of = (day: string) => asked({}, day).filter(({ item }) => item === board?.id);
  expect(of(november).map(({ attribute }) => attribute)).toContain('layer.mesh');
  expect(of('2026-07-15').map(({ attribute }) => attribute)).toEqual(['check.dressed']);
});

test('short walks ask part of the whole, never the same as it, and always count heads', () => {
  const whole = asked().map(({ id }) => id);
  const judgement = judge(samphireYard.place, samphireYard.walks);
  for (const purpose of ['weak', 'storm', 'loss', 'moved'] as const) {
    const weak = weakBays(judgement.found.place, weakWays(judgement));
    const ids = asked({ purpose, ...(purpose === 'weak' && { bays: weak }) }).map(({ id }) => id);
    expect(ids.length).toBeLessThan(whole.length / 2);
    expect(ids.every((id) => whole.includes(id))).toBe(true);
    expect(ids).toContain('flock~check.heads');
  }
});

test('after a loss every spot that lets something in is asked again', () => {
  const judgement = judge(samphireYard.place, samphireYard.walks);
  const ids = new Set(asked({ purpose: 'loss' }).map(({ id }) => id));
  const spots = judgement.waysIn.flatMap(({ by }) =>
    by.flatMap(({ route }) => route.steps.map(({ by: part }) => `${part.item}~${part.attribute}`)),
  );
  expect(spots.length).toBeGreaterThan(0);
  for (const spot of spots) expect(ids).toContain(spot);
});

test('a walk of what was weak goes to every way in, slow way and unread bay, and nowhere else', () => {
  const judgement = judge(samphireYard.place, samphireYard.walks);
  const bays = weakBays(judgement.found.place, weakWays(judgement));
  for (const { bays: own } of [...judgement.waysIn, ...judgement.slowWays]) {
    for (const bay of own) expect(bays).toContain(bay);
  }
  expect(bays).toEqual(expect.arrayContaining(['s3', 's5']));
  const visited = asked({ purpose: 'weak', bays }).flatMap(({ bay }) => bay ?? []);
  expect(new Set(visited)).toEqual(new Set(bays));
});

test('a pen that is not moved has no walk for having been moved', () => {
  const now = judge(samphireYard.place, samphireYard.walks);
  expect(purposesOf(now.found.place, weakWays(now))).toEqual(['full', 'weak', 'storm', 'loss']);
  const zones = samphireYard.place.zones.map((zone) =>
    zone.kind === 'run' ? { ...zone, moves: 'wheels' as const } : zone,
  );
  expect(purposesOf({ ...samphireYard.place, zones }, [])).toContain('moved');
});

test('of a described line earth and battery are tested by themselves, in three readings each; of no other', () => {
  const { place, walks } = tamarackBank;
  const yard = applyReadings(place, walks);
  expect(purposesOf(yard.place, [])).toEqual(
    expect.arrayContaining([
      'fence',
      'earth',
      ...(yard.place.fence?.line?.energizer.battery ? ['battery'] : []),
    ]),
  );
  const bare = { ...yard.place, fence: { id: 'fence', on: 'always' as const } };
  expect(purposesOf(bare, [])).toContain('fence');
  expect(purposesOf(bare, [])).not.toContain('earth');
  const ids = (purpose: 'earth' | 'battery') =>
    stopsOf(yard, { purpose }, november).stops.flatMap(({ questions }) =>
      questions.map(({ attribute }) => attribute),
    );
  expect(ids('earth')).toEqual(expect.arrayContaining(['fence.ground', 'check.earth', 'check.on']));
  expect(ids('earth')).toHaveLength(3);
  expect(ids('battery')).toEqual(
    expect.arrayContaining(['check.battery', 'check.restVolts', 'check.on']),
  );
  expect(ids('battery')).toHaveLength(3);
});

test('a stop put off comes before the shutting up, one for another day not at all; both can be taken up', () => {
  const order = (course: Course) => stopsOf(found, course, november).stops.map(({ id }) => id);
  const later = order({ putOff: [{ stop: 'w2', to: 'later' }] });
  expect(later.slice(-2)).toEqual(['w2', 'shut']);
  const { stops, anotherDay } = stopsOf(
    found,
    { putOff: [{ stop: 'w2', to: 'another-day' }] },
    november,
  );
  expect(stops.some(({ id }) => id === 'w2')).toBe(false);
  expect(anotherDay.map(({ id }) => id)).toEqual(['w2']);
  expect(order({ putOff: [] })).toEqual(order({}));
});

test('after a loss the walk begins where it most likely came in, in that order, and asks there all that is judged', () => {
  const bays = ['s3', 'n2'];
  const { stops } = stopsOf(found, { purpose: 'loss', bays }, november);
  expect(stops.slice(0, 2).map(({ bay }) => bay)).toEqual(bays);
  expect(stops.at(-1)?.section).toBe('shut');
  const plain = stopsOf(found, { purpose: 'loss' }, november).stops;
  // No stop is lost by it, and elsewhere nothing more is asked.
  const others = (all: typeof stops) =>
    all
      .filter(({ bay }) => !bays.includes(bay ?? ''))
      .map(({ id, questions }) => [id, questions.length]);
  expect(others(stops)).toEqual(others(plain));
  const at = (all: typeof stops) => all.find(({ bay }) => bay === 'n2')?.questions.length ?? 0;
  expect(at(stops)).toBeGreaterThan(at(plain));
});
