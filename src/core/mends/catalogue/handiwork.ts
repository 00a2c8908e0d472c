/** Tools and skill for each kind of mend: what a keeper has to have at hand, and to have done before. */
import type { CatalogueKind } from './catalogue-mend';

/** A tool that a mend asks for. */
export type Tool =
  | 'tape'
  | 'driver'
  | 'saw'
  | 'snips'
  | 'gloves'
  | 'spade'
  | 'mallet'
  | 'hammer'
  | 'drill'
  | 'pliers'
  | 'ladder'
  | 'fence-tester';

/** `anyone`: no more than care. `handy`: has sawn and screwed before. `skilled`: has built with it before. */
export type Skill = 'anyone' | 'handy' | 'skilled';

/** What making a mend asks of whoever makes it. */
export interface Handiwork {
  readonly tools: readonly Tool[];
  readonly skill: Skill;
}

const it = (skill: Skill, ...tools: Tool[]): Handiwork => ({ skill, tools });

/** Common practice; nobody has tried who can do what. */
export const handiwork: Readonly<Record<CatalogueKind, Handiwork>> = {
  'sill-board': it('handy', 'tape', 'saw', 'driver'),
  'base-timber': it('skilled', 'tape', 'saw', 'drill', 'driver', 'gloves', 'pliers'),
  'sill-apron': it('handy', 'tape', 'snips', 'gloves', 'driver', 'mallet'),
  'sill-stones': it('anyone', 'gloves'),
  'apron-out': it('handy', 'tape', 'snips', 'gloves', 'pliers', 'mallet'),
  'skirt-down': it('handy', 'tape', 'snips', 'gloves', 'spade', 'pliers'),
  'skirt-and-foot': it('handy', 'tape', 'snips', 'gloves', 'spade', 'pliers'),
  'slabs-along': it('handy', 'tape', 'spade', 'mallet', 'gloves'),
  'line-welded-13': it('handy', 'tape', 'snips', 'gloves', 'driver'),
  'line-welded-6': it('handy', 'tape', 'snips', 'gloves', 'driver'),
  'board-over': it('anyone', 'tape', 'saw', 'driver'),
  'batten-edge': it('handy', 'tape', 'saw', 'driver'),
  'screws-and-washers': it('anyone', 'driver'),
  'patch-mesh': it('anyone', 'snips', 'gloves', 'pliers'),
  'patch-board': it('anyone', 'saw', 'driver'),
  'pop-door-runners': it('handy', 'tape', 'saw', 'driver'),
  'second-fastening': it('handy', 'drill', 'driver'),
  'door-stop': it('handy', 'tape', 'saw', 'driver'),
  'two-motion-latch': it('handy', 'drill', 'driver'),
  'clip-through-hasp': it('handy', 'drill', 'driver'),
  padlock: it('handy', 'drill', 'driver'),
  'roost-away': it('handy', 'tape', 'driver'),
  'pegs-in': it('anyone', 'hammer'),
  'kerb-along': it('skilled', 'tape', 'spade', 'mallet', 'gloves'),
  'floor-mesh': it('handy', 'tape', 'spade', 'snips', 'gloves', 'driver'),
  'line-welded-25': it('handy', 'tape', 'snips', 'gloves', 'driver'),
  'line-welded-25x50': it('handy', 'tape', 'snips', 'gloves', 'driver'),
  boarded: it('handy', 'tape', 'saw', 'driver'),
  'clip-edge': it('anyone', 'pliers'),
  'hole-stuffed': it('anyone', 'snips', 'gloves'),
  'wedge-shut': it('anyone', 'hammer'),
  'carabiner-on': it('anyone'),
  'collar-plate': it('handy', 'snips', 'gloves', 'drill', 'driver'),
  'lap-seam': it('handy', 'tape', 'saw', 'driver'),
  'screw-shut': it('anyone', 'driver'),
  'spring-closer': it('handy', 'drill', 'driver'),
  'light-door': it('handy', 'drill', 'driver'),
  'flap-out': it('handy', 'tape', 'snips', 'gloves', 'pliers'),
  'mesh-under': it('handy', 'tape', 'snips', 'gloves', 'driver'),
  'frame-down': it('anyone'),
  'hinge-screws': it('anyone', 'driver'),
  'cover-screwed': it('anyone', 'driver'),
  'door-braced': it('handy', 'tape', 'saw', 'driver'),
  'edge-pegged': it('anyone', 'hammer', 'gloves'),
  'shut-nightly': it('anyone'),
  'shut-by-day': it('anyone'),
  'overhang-out': it('skilled', 'tape', 'drill', 'driver', 'snips', 'gloves', 'ladder'),
  'roof-mesh': it('skilled', 'tape', 'snips', 'gloves', 'driver', 'ladder'),
  'net-over': it('handy', 'tape', 'pliers', 'driver', 'ladder'),
  'weight-on': it('anyone', 'gloves'),
  'mesh-in-bare': it('handy', 'tape', 'snips', 'gloves', 'driver'),
  'strand-set': it('skilled', 'tape', 'pliers', 'drill', 'fence-tester'),
  'strand-clear': it('anyone', 'gloves', 'fence-tester'),
  'fence-charge': it('skilled', 'hammer', 'pliers', 'fence-tester'),
  'strand-moved': it('handy', 'tape', 'pliers', 'drill', 'fence-tester'),
  'mown-under': it('anyone', 'gloves'),
  'earth-rods': it('handy', 'hammer', 'pliers', 'fence-tester'),
  'earth-return': it('handy', 'tape', 'pliers', 'drill', 'fence-tester'),
  'line-joined': it('anyone', 'pliers', 'gloves', 'fence-tester'),
  'battery-fresh': it('anyone', 'fence-tester'),
  'first-line': it('skilled', 'tape', 'hammer', 'pliers', 'drill', 'fence-tester'),
};
