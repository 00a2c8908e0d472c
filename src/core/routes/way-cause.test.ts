import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { judge } from '../score/judge';
import { animals } from '../tables/animals';
import { causeOf } from './way-cause';

test('nothing that flies is named with an edge that is lifted, and nobody is left out', () => {
  for (const { place, walks } of [tamarackBank, samphireYard]) {
    for (const way of judge(place, walks).waysIn) {
      const cause = causeOf(way);
      if (!cause) throw new Error('a way without animals');
      expect([...cause.by, ...cause.others].sort()).toEqual(
        way.by.map(({ animal }) => animal).sort(),
      );
      expect(cause.by.length).toBeGreaterThan(0);
      const isLifted = ['ground.gapLifted', 'bay.panelPulled', 'opening.gapPulled'].includes(
        cause.part.attribute ?? '',
      );
      if (isLifted) expect(cause.by.filter((id) => animals[id].flies)).toEqual([]);
    }
  }
});
