/** Cover by height: bands cut and joined, layers put on and taken off, and the time of year a layer is on. */
import type { MeshId } from '../../tables/meshes';
import type { Band, Bay, ItemId, Layer } from '../place';
import { any, is } from '../possible';
import type { YearSpan } from '../year-span';
import { withChanged, without } from './change-bay';

/** Makes ids that were never used before: readings of what was removed must not speak of what comes after. */
export type NewId = (kind: string) => string;

/** Narrower than this no band of mesh is fixed, mm (assumption of ours). */
export const leastBand = 50;

/** Cuts a band at a height; the upper part is covered as the lower one. `undefined` where too little would be left of either. */
export function cutBand(bay: Bay, at: number, newId: NewId): Bay | undefined {
  const band = bay.bands.find(({ from, to }) => from + leastBand <= at && at <= to - leastBand);
  if (!band) return undefined;
  const upper: Band = {
    id: newId('band'),
    from: at,
    to: band.to,
    layers: band.layers.map((layer) => ({ ...layer, id: newId('layer') })),
  };
  return {
    ...bay,
    bands: bay.bands.flatMap((it) => (it === band ? [{ ...it, to: at }, upper] : [it])),
  };
}

/** Takes a band away: the one below, or else above, reaches over it. The last one stays. */
export function dropBand(bay: Bay, id: ItemId): Bay {
  const index = bay.bands.findIndex((band) => band.id === id);
  const gone = bay.bands[index];
  if (!gone || bay.bands.length === 1) return bay;
  const heir = bay.bands[index - 1] ?? bay.bands[index + 1];
  const widened = (band: Band): Band =>
    band === heir
      ? { ...band, from: Math.min(band.from, gone.from), to: Math.max(band.to, gone.to) }
      : band;
  return { ...bay, bands: bay.bands.filter((band) => band !== gone).map(widened) };
}

/** Moves the upper edge of a band; the band above begins there. Out of reach it stays where it was. */
export function moveBandTop(bay: Bay, id: ItemId, to: number): Bay {
  const index = bay.bands.findIndex((band) => band.id === id);
  const [band, above] = [bay.bands[index], bay.bands[index + 1]];
  if (!band || !above || to < band.from + leastBand || to > above.to - leastBand) return bay;
  return {
    ...bay,
    bands: bay.bands.map((it) =>
      it === band ? { ...it, to } : it === above ? { ...it, from: to } : it,
    ),
  };
}

/** One more layer, on the inside of those there are. */
export function addLayer(bay: Bay, band: ItemId, newId: NewId, mesh?: MeshId): Bay {
  const layer: Layer = { id: newId('layer'), mesh: mesh ? is(mesh) : any };
  return changeBand(bay, band, (it) => ({ ...it, layers: [...it.layers, layer] }));
}

/** Takes a layer off; the last one of a band stays, for a band without a layer is none. */
export function dropLayer(bay: Bay, layer: ItemId): Bay {
  return changeLayers(bay, (layers) => (layers.length > 1 ? without(layers, layer) : layers));
}

/** Changes the days of the year on which a layer is on; `undefined`: all year. */
export function setSeason(
  bay: Bay,
  layer: ItemId,
  work: (on: YearSpan | undefined) => YearSpan | undefined,
): Bay {
  return changeLayers(bay, (layers) =>
    withChanged(layers, layer, ({ on: was, ...rest }) => {
      const on = work(was);
      return on ? { ...rest, on } : rest;
    }),
  );
}

function changeBand(bay: Bay, id: ItemId, change: (band: Band) => Band): Bay {
  return { ...bay, bands: withChanged(bay.bands, id, change) };
}

function changeLayers(bay: Bay, change: (layers: readonly Layer[]) => readonly Layer[]): Bay {
  return { ...bay, bands: bay.bands.map((band) => ({ ...band, layers: change(band.layers) })) };
}

/** Sets how high the wall is: its bands are cut off or the topmost reaches up. */
export function setHeight(bay: Bay, height: number): Bay {
  const low = bay.base ?? 0;
  if (height < low + leastBand) return bay;
  const kept = bay.bands.filter(({ from }) => from <= height - leastBand || from === low);
  return {
    ...bay,
    height,
    bands: kept.map((band, index) => (index === kept.length - 1 ? { ...band, to: height } : band)),
    openings: bay.openings.map((it) => ({
      ...it,
      up: Math.min(it.up, height - leastBand),
      height: Math.max(
        leastBand,
        Math.min(it.height, height - Math.min(it.up, height - leastBand)),
      ),
    })),
  };
}

/** Whether its timber is treated, its ties and netting proofed against sun. */
export function setProofed({ proofed: _, ...bay }: Bay, isProofed: boolean): Bay {
  return isProofed ? { ...bay, proofed: true } : bay;
}
