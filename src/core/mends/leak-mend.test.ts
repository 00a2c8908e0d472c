import { tamarackBank } from '../../../demo/tamarack-bank';
import { applyReadings } from '../records/apply-readings';
import { setAttribute } from '../records/set-attribute';
import { leakMend, voltsOnceClear } from './leak-mend';
import { mendSchema } from '../records/mend';
import { validatorOf } from '../schema/validator';

const found = applyReadings(tamarackBank.place, tamarackBank.walks).place;
const date = '2026-10-10';
const at = '2026-10-10T10:00:00Z';

test('a leak is mended by the wire cleared, and held by volts at the far end', () => {
  const mend = leakMend(found, { bay: 'orchard-2' }, date, 'm', at);
  expect(mend?.targets).toEqual([
    { item: 'orchard-2-strand', attribute: 'strand.touching', value: { is: 'nothing' } },
    { item: 'fence', attribute: 'fence.volts', value: { atLeast: expect.any(Number) } },
  ]);
  expect(() => validatorOf(mendSchema).validateSync(mend, { strict: true })).not.toThrow();
});

test('no more is asked of the far end than the line can give, nor more than turns back what lives here', () => {
  const volts = voltsOnceClear(found, 'orchard-2', date) ?? NaN;
  expect(volts).toBeGreaterThan(4);
  expect(volts).toBeLessThanOrEqual(6);
});

test('what the leak pulled the line down to says nothing of it without', () => {
  const pulled = setAttribute(found, 'fence', 'fence.volts', { is: 1 });
  expect(voltsOnceClear(pulled, 'orchard-2', date)).toBe(voltsOnceClear(found, 'orchard-2', date));
});

test('a bay without a wire has no such mend', () => {
  expect(leakMend(found, { bay: 'nowhere' }, date, 'm', at)).toBeUndefined();
});

test('a broken wire is joined anew, whatever else touches it, and held by volts at the far end', () => {
  const grown = setAttribute(found, 'orchard-2-strand', 'strand.touching', { is: 'weeds' });
  const mend = leakMend(grown, { bay: 'orchard-2', broken: true }, date, 'm', at);
  const volts = voltsOnceClear(grown, undefined, date) ?? NaN;
  expect(mend).toMatchObject({
    kind: 'line-joined',
    targets: [{ item: 'fence', attribute: 'fence.volts', value: { atLeast: volts } }],
  });
  expect(volts).toBeLessThanOrEqual(voltsOnceClear(grown, 'orchard-2', date) ?? NaN);
  expect(() => validatorOf(mendSchema).validateSync(mend, { strict: true })).not.toThrow();
});
