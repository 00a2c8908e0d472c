import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { bayWays } from '../routes/bay-ways';
import { allBays, itemId, itemsOf } from '../place/find';
import { animals } from '../tables/animals';
import { itemView } from './item-view';
import { judge } from './judge';
import { scenarios } from './scenario';

const judged = [samphireYard, tamarackBank].flatMap(({ place, walks }) =>
  scenarios.map((scenario) => judge(place, walks, { scenario, date: '2026-11-26' })),
);

it('puts every animal about in one list at most for each attack, and none that is not about', () => {
  for (const judgement of judged) {
    const about = judgement.animals
      .filter(({ presence }) => presence === 'about')
      .map(({ animal }) => animal);
    for (const { bay } of allBays(judgement.found.place)) {
      for (const { letsBy, perhaps, held } of itemView(judgement, bay.id)?.attacks ?? []) {
        const listed = [...letsBy, ...perhaps, ...held].map(({ animal }) => animal);
        expect(new Set(listed).size).toBe(listed.length);
        expect(about).toEqual(expect.arrayContaining(listed));
      }
    }
  }
});

it('lets by exactly those that the routes have a way for through the bay', () => {
  for (const judgement of judged) {
    const { found, when } = judgement;
    for (const { bay } of allBays(found.place)) {
      const view = itemView(judgement, bay.id);
      const letsBy = new Set(view?.attacks.flatMap((it) => it.letsBy.map(({ animal }) => animal)));
      for (const { animal, presence } of judgement.animals) {
        if (presence !== 'about') continue;
        const { through, reach } = bayWays(bay, animals[animal], 'best', when);
        expect(letsBy.has(animal)).toBe(through !== undefined || reach !== undefined);
      }
    }
  }
});

it('a thing in a bay shows only its own parts, all of which the bay shows too', () => {
  fc.assert(
    fc.property(fc.constantFrom(...judged), fc.nat(), (judgement, pick) => {
      const bays = allBays(judgement.found.place);
      const { bay } = bays[pick % bays.length] as (typeof bays)[number];
      for (const item of itemsOf(bay)) {
        if (item.kind === 'bay') continue;
        for (const { letsBy, held } of itemView(judgement, itemId(item))?.attacks ?? []) {
          for (const part of [...letsBy, ...held]) expect(part.item).toBe(itemId(item));
        }
      }
    }),
  );
});

it('shows what strands turn back as far as it is sure: more of it with the volts read', () => {
  const judgement = judge(tamarackBank.place, tamarackBank.walks, { date: '2026-07-15' });
  const bay = allBays(judgement.found.place).find(({ bay: it }) => it.strands.length > 0)?.bay;
  const strands = itemView(judgement, bay?.id ?? '')?.strands ?? [];
  expect(strands.length).toBeGreaterThan(0);
  for (const { effect } of strands) {
    expect(effect.share).toBeGreaterThanOrEqual(0);
    expect(effect.share).toBeLessThanOrEqual(0.98);
  }
});

it('knows nothing of an item that is not there', () => {
  expect(itemView(judged[0] as (typeof judged)[number], 'nowhere')).toBeUndefined();
});
