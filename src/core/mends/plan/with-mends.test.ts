/** A place with mends made as they are meant. */
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import { findBay } from '../../place/find';
import type { Target } from '../../records/mend';
import { setAttribute } from '../../records/set-attribute';
import { withMends } from './with-mends';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const made = (...targets: Target[]) => withMends(found, [{ targets }]);
const bay = (place: typeof found, id: string) => findBay(place, id)?.bay;

test('a gap is made as small as asked, and one that is smaller already stays', () => {
  const at = (most: number) =>
    bay(made({ item: 'n2', attribute: 'ground.gap', value: { atMost: most } }), 'n2')?.ground?.gap;
  expect(at(10)).toEqual({ is: 10 });
  expect(at(60)).toEqual(bay(found, 'n2')?.ground?.gap);
});

test('what nobody has read is made at most so wide, and may be less', () => {
  const unread = setAttribute(found, 'n2', 'ground.gap', { any: true });
  const after = withMends(unread, [
    { targets: [{ item: 'n2', attribute: 'ground.gap', value: { atMost: 10 } }] },
  ]);
  expect(bay(after, 'n2')?.ground?.gap).toEqual({ from: 0, to: 10 });
});

test('an old skirt of other mesh lends a new one nothing; of the same mesh it adds to it', () => {
  const short = (mesh: string) =>
    [
      ['skirt.mesh', { is: mesh }],
      ['skirt.depth', { is: 600 }],
      ['skirt.outward', { is: 0 }],
    ].reduce(
      (place, [attribute, value]) => setAttribute(place, 's4', attribute as never, value as never),
      found,
    );
  const apron: Target[] = [
    { item: 's4', attribute: 'skirt.outward', value: { atLeast: 450 } },
    { item: 's4', attribute: 'skirt.mesh', value: { is: 'welded-13' } },
  ];
  const skirt = (mesh: string) =>
    bay(withMends(short(mesh), [{ targets: apron }]), 's4')?.ground?.skirt;
  expect(skirt('hex-50')).toMatchObject({ mesh: { is: 'welded-13' }, depth: { is: 0 } });
  expect(skirt('welded-13')).toMatchObject({ depth: { is: 600 }, outward: { is: 450 } });
});

test('doors and top edges are of the structure: they are as meant', () => {
  const place = made(
    { item: 'gate', attribute: 'opening.letGo', value: { is: 'falls-shut' } },
    { item: 'n2', attribute: 'top.kind', value: { is: 'overhang' } },
    { item: 'n2', attribute: 'top.width', value: { atLeast: 600 } },
  );
  const gate = place.faces
    .flatMap(({ bays }) => bays)
    .flatMap(({ openings }) => openings)
    .find(({ id }) => id === 'gate');
  expect(gate?.letGo).toBe('falls-shut');
  expect(bay(place, 'n2')?.top).toMatchObject({ kind: 'overhang', width: 600 });
});

test('what a target names and the place has not changes nothing', () => {
  expect(made({ item: 'nowhere', attribute: 'ground.gap', value: { atMost: 0 } })).toEqual(found);
});
