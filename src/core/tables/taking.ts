/** What one visit that gets in costs, by the kind of bird. All assumptions of ours: they weigh animals against each other. */
import type { Figure } from './figure';

/** What one visit that gets in costs, by kind of bird. */
export interface Taking {
  readonly grown: Figure;
  readonly bantam: Figure;
  readonly chicks: Figure;
  readonly ducks: Figure;
  /** A broody hen on her eggs or with young. */
  readonly sitting: Figure;
  readonly other: Figure;
  readonly eggs: Figure;
  /** Birds ranging in the open scatter: it leaves with fewer. */
  readonly inTheOpen: Figure;
  readonly feed: boolean;
}

const bird = (value: number, note?: string): Figure => ({
  value,
  unit: 'birds',
  source: 'rookle',
  mark: 'assumption',
  note:
    note ??
    'Read out of what is said of each: takes one, kills many, takes chicks and eggs. No loss figure known to us can be used as it stands.',
});

/** Birds by one visit, 0 or more; `note` in place of the usual one. */
interface BirdsTaken {
  readonly grown: number;
  readonly bantam: number;
  readonly chicks: number;
  readonly eggs: number;
  readonly inTheOpen: number;
  readonly feed?: boolean;
  readonly note?: string;
}

/** Birds of each kind by one visit; ducks, sitting hens and other birds as grown hens; in the open never more than one or two. */
export function takes({
  grown,
  bantam,
  chicks,
  eggs,
  inTheOpen,
  feed = false,
  note,
}: BirdsTaken): Taking {
  return {
    grown: bird(grown, note),
    bantam: bird(bantam, note),
    chicks: bird(chicks, note),
    ducks: bird(grown, note),
    sitting: bird(grown, note),
    other: bird(grown, note),
    eggs: bird(eggs, note),
    inTheOpen: bird(inTheOpen, note),
    feed,
  };
}
