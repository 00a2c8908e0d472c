import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { setAttribute } from '../records/set-attribute';
import { animalView } from './animal-view';
import { findOut, judgeFound } from './judge';
import { scenarios } from './scenario';

const day = '2026-11-26';

describe.each([
  ['Samphire Yard', samphireYard],
  ['Tamarack Bank', tamarackBank],
])('%s, animal by animal', (_name, { place, walks, sightings }) => {
  const known = findOut(place, walks, { log: sightings, date: day });

  it.each(scenarios)('agrees with the judgement of all of them: %s', (scenario) => {
    const all = judgeFound(known, scenario);
    for (const judged of all.animals) {
      const view = animalView(known, scenario, judged.animal);
      expect(view.judgement).toEqual(judged);
      // A way in of the place is a way in of each of its animals, and of no other.
      if (view.visitsAYear < 1) continue;
      const ofPlace = all.waysIn
        .filter(({ by }) => by.some(({ animal }) => animal === judged.animal))
        .flatMap(({ bays }) => bays)
        .sort();
      expect(view.waysIn.flatMap(({ bays }) => bays).sort()).toEqual(ofPlace);
    }
  });

  it('draws as open what any of its routes passes quickly', () => {
    for (const id of place.setting.lives) {
      const { judgement, marks } = animalView(known, 'night-shut', id);
      const { route } = judgement;
      if (!route || route.minutes >= 60) continue;
      for (const { bay } of route.steps) expect(marks.get(bay.id)).toBe('open');
    }
  });
});

it('what comes next is what it comes by once the first spot is mended', () => {
  const { place, walks } = samphireYard;
  const known = findOut(place, walks, { date: day });
  const stoat = animalView(known, 'night-shut', 'stoat');
  expect(stoat.judgement.route?.steps[0].bay.id).toBe('n2');
  expect(stoat.next?.steps[0].bay.id).toBe('h1');
  // The sill shut, as read again.
  const mended = ['ground.gap', 'ground.gapLifted'].reduce(
    (it, attribute) => setAttribute(it, 'n2', attribute as 'ground.gap', { is: 6 }),
    known.found.place,
  );
  const after = animalView(findOut(mended, [], { date: day }), 'night-shut', 'stoat');
  expect(after.judgement.route?.steps[0].bay.id).toBe('h1');
});
