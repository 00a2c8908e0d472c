/**
 * What things cost, as a round sum in the keeper's own money: enough to rank mends by until the keeper writes in what the shop
 * asks. None of it is looked up anywhere.
 */
import type { Figure } from '../../tables/figure';
import { lineKit } from '../../tables/line-kit';
import type { Material } from './catalogue-mend';

/** What a price is of. */
export type PriceBy = 'metre' | 'square-metre' | 'piece';

/** A price until the keeper says their own. */
export interface Price {
  readonly by: PriceBy;
  /** Hundredths of the keeper's money. */
  readonly cents: Figure;
}

const price = (by: PriceBy, whole: number): Price => ({
  by,
  cents: {
    value: Math.round(whole * 100),
    unit: 'cents',
    source: 'rookle',
    mark: 'assumption',
    note: 'A round sum; shops differ by half and more.',
  },
});

/** What materials cost where nobody has said a price of their own; assumptions of ours. */
export const prices: Readonly<Record<Material, Price>> = {
  slabs: price('square-metre', 25),
  board: price('metre', 4),
  batten: price('metre', 2),
  screws: price('piece', 0.1),
  washers: price('piece', 0.1),
  stones: price('metre', 0),
  channel: price('metre', 5),
  pegs: price('piece', 2),
  hasp: price('piece', 5),
  kerb: price('metre', 10),
  plate: price('piece', 6),
  brackets: price('piece', 3),
  ballast: price('piece', 4),
  closer: price('piece', 12),
  'door-drive': price('piece', 120),
  insulators: { by: 'piece', cents: lineKit.insulator },
  'fence-wire': { by: 'metre', cents: lineKit.wire },
  'earth-stake': { by: 'piece', cents: lineKit.rod },
  energizer: { by: 'piece', cents: lineKit.energizer },
  'gate-handle': { by: 'piece', cents: lineKit.handle },
  'fence-lead': { by: 'piece', cents: lineKit.lead },
  'fence-sign': { by: 'piece', cents: lineKit.sign },
  'fence-tester': { by: 'piece', cents: lineKit.tester },
  'fence-battery': price('piece', 35),
  ties: price('piece', 0.1),
  'welded-3': price('square-metre', 12),
  'welded-6': price('square-metre', 9),
  'welded-13': price('square-metre', 8),
  'welded-25': price('square-metre', 6),
  'welded-25x50': price('square-metre', 7),
  'welded-50x100': price('square-metre', 5),
  'hex-25': price('square-metre', 2),
  'hex-50': price('square-metre', 1.5),
  'chain-link-50': price('square-metre', 7),
  'chain-link': price('square-metre', 6),
  'stock-wire': price('square-metre', 2),
  'stock-panel': price('square-metre', 8),
  'plastic-netting': price('square-metre', 1.5),
  'deer-netting': price('square-metre', 1),
  'insect-screen': price('square-metre', 4),
  canvas: price('square-metre', 5),
  'solid-board': price('square-metre', 15),
  sheet: price('square-metre', 12),
  masonry: price('square-metre', 60),
  'hook-and-eye': price('piece', 2),
  'turn-button': price('piece', 2),
  lever: price('piece', 10),
  'slide-bolt': price('piece', 5),
  'two-motion': price('piece', 12),
  clip: price('piece', 3),
  carabiner: price('piece', 5),
  padlock: price('piece', 12),
  pin: price('piece', 1),
  'cord-loop': price('piece', 1),
  'elastic-cords': price('piece', 4),
  'two-sided-lock': price('piece', 20),
};

/** Everything that mends are made of. */
export const materials = Object.keys(prices) as Material[];
