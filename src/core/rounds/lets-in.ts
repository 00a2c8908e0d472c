/** What it would let in, if what falls due is not done: for whom there would be a way in that is none now. */
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import type { Walk } from '../records/walk';
import { judge, type Circumstances, type Judgement } from '../score/judge';
import type { AnimalId } from '../tables/animals';
import { letsInFrom } from '../tables/rounds';
import type { DueOf } from './due';

interface Asked {
  /** Its structure, without what walks found. */
  readonly place: Place;
  readonly walks: readonly Walk[];
  readonly log: readonly LogEntry[];
  /** YYYY-MM-DD */
  readonly today: string;
}

/** In the order in which they are reckoned with; none where it lets nobody in, or nobody can say. */
export function letsIn({ place, walks, log, today }: Asked, of: DueOf): readonly AnimalId[] {
  const chances = (of: Place, more: Circumstances = {}) =>
    chancesIn(judge(of, walks, { date: today, log, ...more }));
  const more = (then: ReadonlyMap<AnimalId, number>): AnimalId[] => {
    const now = chances(place);
    const rise = (id: AnimalId) => (then.get(id) ?? 0) - (now.get(id) ?? 0);
    return place.setting.lives.filter((id) => rise(id) >= letsInFrom.value);
  };
  switch (of.kind) {
    case 'line-volts':
    case 'battery-volts':
    case 'battery-empty':
    case 'mow':
      return more(chances(withoutWires(place)));
    case 'away':
      return more(chances(place, { scenario: 'left-open' }));
    case 'mend':
      return of.mend.stops;
    default:
      return [];
  }
}

/** That a try gets to the birds, as far as is sure. */
const chancesIn = ({ animals }: Judgement): ReadonlyMap<AnimalId, number> =>
  new Map(animals.map(({ animal, chance }) => [animal, chance.best]));

/** A line that is dead turns nobody back. */
function withoutWires(place: Place): Place {
  return {
    ...place,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => (bay.strands.length > 0 ? { ...bay, strands: [] } : bay)),
    })),
  };
}
