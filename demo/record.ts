/** Writes down what a walk of a demo place read, while its bays are described. */
import type { AttributeId } from '../src/core/attributes';
import type { Layer } from '../src/core/place/place';
import type { Walk } from '../src/core/records/walk';
import type { MeshId } from '../src/core/tables/meshes';

export interface Record {
  /** A number of mm, or a choice; nothing where it was not looked at. `entered`: as it was typed. */
  readonly read: (
    item: string,
    attribute: AttributeId,
    value: number | string | undefined,
    entered?: string,
  ) => void;
  /** A layer, and that it was looked at. */
  readonly layer: (id: string, mesh: MeshId) => Layer;
  readonly walk: () => Walk;
}

export function startRecord(
  placeId: string,
  { id, date, how = 'measured' }: { id: string; date: string; how?: 'measured' | 'remembered' },
): Record {
  const readings: {
    item: string;
    attribute: AttributeId;
    value: Walk['readings'][number]['value'];
  }[] = [];
  const read: Record['read'] = (item, attribute, value, entered) => {
    if (value === undefined) return;
    const said =
      typeof value === 'number' ? { is: value, entered: entered ?? `${value} mm` } : { is: value };
    readings.push({ item, attribute, value: said });
  };
  return {
    read,
    layer: (layerId, mesh) => {
      read(layerId, 'layer.mesh', mesh);
      return { id: layerId, mesh: { any: true } };
    },
    walk: () => ({
      id,
      placeId,
      date,
      kind: 'lap',
      ended: true,
      readings: readings.map((reading, index) => ({
        id: `${id}-${index + 1}`,
        ...reading,
        at: new Date(Date.parse(`${date}T14:00:00Z`) + index * 15_000)
          .toISOString()
          .replace('.000', ''),
        how,
      })),
    }),
  };
}
