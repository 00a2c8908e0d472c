/** A strip of ½ in mesh fixed up the sill and laid outward on the ground. */
import type { Figure } from '../../tables/figure';
import { standsFast } from './light-frame';
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';
import { practice } from '../../tables/millimetres';

/** Laid outward from the wall. */
export const apronWidth: Figure = practice(
  450,
  '450–600 mm out; the published fox figure is 305 mm.',
);

/** Turned up the sill. */
export const sillUpstand = 150;

/** Mesh along the sill and out over the ground. */
export const sillApron: CatalogueMend = {
  kind: 'sill-apron',
  term: 'lasting',
  spot: 'ground',
  fits: standsFast,
  takes: ({ bay }) => [
    { material: 'welded-13', length: bay.width, height: apronWidth.value + sillUpstand },
    { material: 'screws', count: screwsAlong(bay.width) },
    { material: 'washers', count: screwsAlong(bay.width) },
  ],
  time: ({ bay }) => workTime(20 + bay.width / 50),
  cautions: ['animal-inside', 'cut-wire', 'digging'],
};
