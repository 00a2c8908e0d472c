/**
 * Tells a year of a demo place, day by day, in records as the application itself would have written them: mends come into their states by
 * the readings of the walks that were told, not by our word. Days are counted back from `lastDay`; whoever opens the place has them
 * moved, so that the last day is theirs.
 */
import '../../src/core/fence/dense-inverse';
import { weakEverywhere } from '../../src/core/mends/plan/weak-everywhere';
import { casesOfYear } from '../../src/core/mends/plan/cases';
import { chooseMend, partialProposalsFor } from '../../src/core/mends/propose';
import { moveMend, reviewMends } from '../../src/core/mends/review';
import type { Shop } from '../../src/core/mends/shopping/shop';
import type { PlaceFile } from '../../src/core/formats/place-file';
import type { Place } from '../../src/core/place/place';
import { applyReadings } from '../../src/core/records/apply-readings';
import type { DoorAtDusk } from '../../src/core/records/evening';
import type { Mend, MendKind, MendState } from '../../src/core/records/mend';
import type { LogEntry } from '../../src/core/records/sighting';
import type { Reading, Walk } from '../../src/core/records/walk';
import { doorAtDusk } from '../../src/core/nights/evening-now';
import { doorsOfRound } from '../../src/core/nights/shutters';
import { daysLater } from '../../src/core/schema/day';
import { lastDay } from './last-day';

/** So many days before the last. */
export const before = (days: number): string => daysLater(lastDay, -days);

/** An entry of the log without what every one has. */
type Untold<Entry> = Entry extends LogEntry ? Omit<Entry, 'id' | 'placeId' | 'date'> : never;

/** As it was typed, in other units than mm. */
export interface Typed {
  readonly is: number;
  readonly entered: string;
}

/** What a walk read otherwise than the last one did: `n1 ground.gap`, mm, as typed, or a choice. */
export type Otherwise = Readonly<Record<string, number | string | Typed>>;

export const inches = (is: number): Typed => ({ is: is * 25.4, entered: `${is} in` });
export const kilovolts = (is: number): Typed => ({ is, entered: `${is} kV` });

export interface WalkTold {
  readonly ago: number;
  readonly kind?: Walk['kind'];
  readonly purpose?: Walk['purpose'];
  readonly bays?: readonly string[];
  readonly how?: Reading['how'];
  /** Which of the place's readings; absent: all. */
  readonly only?: (reading: Reading) => boolean;
  readonly otherwise?: Otherwise;
}

export interface MendTold {
  readonly kind: MendKind;
  readonly item: string;
  readonly name: string;
  readonly who?: string;
}

export class Story {
  private place: Place;
  private readonly base: Walk;
  private readonly walks: Walk[] = [];
  private mends: Mend[] = [];
  private readonly log: LogEntry[] = [];
  private readonly year: number;

  /** `file`: the place as it stands, with the walk that ends the year. */
  constructor(file: PlaceFile, changed: Partial<Place> = {}) {
    const [base] = file.walks;
    if (!base) throw new Error('the place was never walked');
    this.place = { ...file.place, ...changed };
    this.base = base;
    this.year = Number(base.date.slice(0, 4));
  }

  /** A walk, with the readings of the last one but for what is told otherwise; mends are looked at by it. */
  walk({
    ago,
    kind = 'lap',
    purpose,
    bays,
    how = 'measured',
    only,
    otherwise = {},
  }: WalkTold): void {
    const date = before(ago);
    const id = `${this.place.id}-walk-${this.walks.length + 1}-${ago}`;
    const told = new Set(Object.keys(otherwise));
    const isWhole = kind === 'lap' && purpose === undefined;
    const kept = this.base.readings
      .filter((it) => told.has(keyOf(it)) || (only ? only(it) : isWhole))
      .map((it): Pick<Reading, 'item' | 'attribute' | 'value' | 'how'> => {
        const is = otherwise[keyOf(it)];
        told.delete(keyOf(it));
        const { item, attribute } = it;
        // What is read otherwise was measured.
        return is === undefined
          ? { item, attribute, value: it.value, how }
          : { item, attribute, value: valueOf(is), how: 'measured' };
      });
    const added = [...told].map((key) => {
      const [item, attribute] = key.split(' ') as [string, Reading['attribute']];
      return {
        item,
        attribute,
        value: valueOf(otherwise[key] as Otherwise[string]),
        how: 'measured' as const,
      };
    });
    this.add({
      id,
      placeId: this.place.id,
      date,
      kind,
      ended: true,
      ...(purpose && { purpose }),
      ...(bays && { bays: [...bays] }),
      readings: [...kept, ...added].map((it, index) => ({
        id: `${id}-${index + 1}`,
        ...it,
        at: clock(date, 14, index),
      })),
    });
  }

  /** The walk that the place's own file has. */
  lastWalk(): void {
    this.add(this.base);
  }

  private add(walk: Walk): void {
    this.walks.push(walk);
    const at = walk.readings.at(-1)?.at ?? clock(walk.date, 16, 0);
    const moved = reviewMends(this.place, this.walks, this.mends, at, walk.id);
    this.mends = this.mends.map((it) => moved.find(({ id }) => id === it.id) ?? it);
  }

  /** Puts a mend of the catalogue on the list, for what was weak on that day. */
  plan(ago: number, { kind, item, name, who }: MendTold, due?: number): void {
    const found = applyReadings(this.place, this.walks).place;
    const spots = weakEverywhere(found, casesOfYear(found, this.year));
    const proposal = spots
      .filter(({ spot }) => spot.item === item)
      .flatMap(partialProposalsFor)
      .find(({ mend }) => mend.kind === kind);
    if (!proposal) throw new Error(`nothing for ${kind} to mend at ${item} ${ago} days before`);
    const chosen = chooseMend(this.place, proposal, name, clock(before(ago), 18, 0));
    this.place = chosen.place;
    this.mends.push({
      ...chosen.mend,
      ...(who !== undefined && { who }),
      ...(due !== undefined && { due: before(due) }),
    });
  }

  /** A mend comes into a state that a keeper says: planned again, bought, done. */
  move(ago: number, name: string, state: MendState, spent?: Mend['spent']): void {
    this.mends = this.mends.map((it) =>
      it.id === name
        ? { ...moveMend(it, state, clock(before(ago), 17, 0)), ...(spent && { spent }) }
        : it,
    );
  }

  say(ago: number, entry: Untold<LogEntry>): void {
    const id = `${entry.what}-${ago}-${this.log.length + 1}`;
    this.log.push({ ...entry, id, placeId: this.place.id, date: before(ago) } as LogEntry);
  }

  /** So many evenings up to and with one; `other`: what was not all shut, by days before the last. */
  evenings(
    from: number,
    to: number,
    birds: Readonly<Record<string, number>>,
    other: Readonly<Record<number, Partial<EveningTold>>> = {},
  ): void {
    for (let ago = from; ago >= to; ago -= 1) {
      const it = { by: undefined, told: 'evening' as const, doors: {}, fewer: {}, ...other[ago] };
      if (it.silent) continue;
      const doors = doorsOfRound(this.place).map((door): DoorAtDusk =>
        doorAtDusk(door, it.doors[door.id] ?? 'shut'),
      );
      const isMorning = it.told === 'morning';
      this.say(ago, {
        what: 'evening',
        at: isMorning ? clock(before(ago - 1), 7, 0) : clock(before(ago), 20, 0),
        told: it.told,
        ...(it.by !== undefined && { by: it.by }),
        doors: isMorning ? doors.filter(({ was }) => was !== 'shut') : doors,
        counts: isMorning
          ? []
          : Object.entries(birds).map(([group, count]) => {
              const most = count - (it.fewer[group] ?? 0);
              return { group, least: most, most };
            }),
      });
    }
  }

  file(shop: Omit<Shop, 'placeId'>): PlaceFile {
    return {
      format: 'rookle-place',
      version: 12,
      place: this.place,
      walks: this.walks,
      mends: this.mends,
      sightings: this.log,
      shop: { placeId: this.place.id, ...shop },
    };
  }

  /** Which states the mends have come into, for whoever tells the story. */
  states(): Readonly<Record<string, readonly MendState[]>> {
    return Object.fromEntries(
      this.mends.map(({ id, history }) => [id, history.map(({ state }) => state)]),
    );
  }
}

export interface EveningTold {
  readonly by: string | undefined;
  readonly told: 'evening' | 'morning';
  readonly doors: Readonly<Record<string, DoorAtDusk['was']>>;
  /** Missing at roost, by group. */
  readonly fewer: Readonly<Record<string, number>>;
  /** Nobody said anything of it. */
  readonly silent?: boolean;
}

const keyOf = ({ item, attribute }: Pick<Reading, 'item' | 'attribute'>): string =>
  `${item} ${attribute}`;

function valueOf(is: Otherwise[string]): Reading['value'] {
  if (typeof is === 'object') return is;
  return typeof is === 'number' ? { is, entered: `${is} mm` } : { is };
}

/** A quarter of a minute between one and the next. */
function clock(date: string, hour: number, quarters: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + hour * 3_600_000 + quarters * 15_000)
    .toISOString()
    .replace('.000', '');
}
