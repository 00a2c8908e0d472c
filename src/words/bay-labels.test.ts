import { samphireYard } from '../../demo/samphire-yard';
import { findBay } from '../core/place/find';
import { applyReadings } from '../core/records/apply-readings';
import { bayLabels } from './bay-labels';

const { place, walks } = samphireYard;
const found = applyReadings(place, walks).place;

const labelsOf = (id: string, of = found) => {
  const bay = findBay(of, id)?.bay;
  if (!bay) throw new Error(id);
  return bayLabels(of, bay);
};

test('a bay is labelled with its meshes, band by band, its fixing, its ground and what is in it', () => {
  const { bands, ground } = labelsOf('s4');
  expect(bands.map(({ label }) => label)).toEqual([
    '13 mm welded mesh',
    '25 mm hex netting + 13 mm welded mesh, under a batten',
  ]);
  expect(ground).toBe('firm soil, mesh 330 mm down, 240 mm out');
});

test('nothing is written of what nobody has read', () => {
  expect(labelsOf('s4', applyReadings(place, []).place)).toEqual({ bands: [], ground: '' });
});
