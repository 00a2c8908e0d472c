import { samphireYard } from '../demo/samphire-yard';
import { tamarackBank } from '../demo/tamarack-bank';
import { applyReadings } from '../src/core/place/apply-readings';
import { buildProblem } from '../src/core/mends/plan/build-problem';
import { answering } from '../src/core/mends/plan/answer';
import { readyFor } from '../src/core/mends/plan/with-mends';
import { atOnce } from '../src/core/steps';
import { shoppingList } from '../src/core/mends/shopping/shopping-list';
import { firstShop } from '../src/core/mends/shopping/shop';
for (const file of [samphireYard, tamarackBank]) for (const cents of [2000, 10000, 100000]) {
  const found = applyReadings(file.place, file.walks).place;
  const planning = buildProblem(found, file.sightings, [], 2026);
  const answer = atOnce(answering(planning, { cents }));
  const mends = answer.chosen.map((id) => planning.candidates.find((c) => c.id === id)!).map((c, i) => ({ ...c.mend, id: 'm' + i }));
  const t = performance.now();
  const list = shoppingList(readyFor(found, mends), mends, firstShop(file.place));
  console.log(file.place.name, cents, 'metre', answer.cents, 'whole', list.cents, Math.round(performance.now() - t), 'ms', mends.map((m) => m.kind + ' ' + m.bay).join('; '));
  for (const l of list.lines) console.log('   ', l.count, l.sold.id, l.cents);
  for (const c of list.cut) console.log('   cut', c.material, c.pieces.map((p) => `${p.length}x${p.width}`).join(' '), 'waste', c.cutting.waste / 1e6, c.cutting.lowestCents === c.cutting.cents);
  console.log('   notSold', JSON.stringify(list.notSold));
}
