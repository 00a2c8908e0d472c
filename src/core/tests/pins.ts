/** Moves one figure of an animal by one band, up or down: what a check of it must notice. */
import type { Animal, AnimalId } from '../tables/animals';
import { animals } from '../tables/animals';
import type { Figure } from '../tables/figure';

export interface Pin {
  readonly animal: AnimalId;
  readonly figure: string;
  readonly moved: (direction: 1 | -1) => Animal;
}

/** A figure printed without a band is taken to a tenth. */
const tenth = (figure: Figure): number => figure.value * 0.1;

const by = (figure: Figure, amount: number): Figure => ({
  ...figure,
  value: figure.value + amount,
});

function pin(id: AnimalId, figure: string, move: (animal: Animal, sign: number) => Animal): Pin {
  return { animal: id, figure, moved: (direction) => move(animals[id], direction) };
}

/** The band runs from the figure used to the stricter one, and is never less than a tenth. */
export const closurePin = (id: AnimalId): Pin =>
  pin(id, 'closure', (animal, sign) => {
    const { used, strict } = animal.exclusion;
    const band = Math.max(used.value - strict.value, tenth(used));
    return { ...animal, exclusion: { ...animal.exclusion, used: by(used, sign * band) } };
  });

/** One number of one set that is enough against digging. */
export const digPin = (id: AnimalId, set: number, side: 'depth' | 'outward'): Pin =>
  pin(id, `digging, set ${set}, ${side}`, (animal, sign) => ({
    ...animal,
    digs: (animal.digs ?? []).map((enough, index) =>
      index === set ? { ...enough, [side]: by(enough[side], sign * tenth(enough[side])) } : enough,
    ),
  }));

export const overPin = (id: AnimalId, set: number, side: 'height' | 'overhang' | 'tilt'): Pin =>
  pin(id, `top edge, set ${set}, ${side}`, (animal, sign) => ({
    ...animal,
    over: (animal.over ?? []).map((enough, index) => {
      const figure = enough[side];
      return index === set && figure
        ? { ...enough, [side]: by(figure, sign * tenth(figure)) }
        : enough;
    }),
  }));

export const tearPin = (id: AnimalId, side: 'breaks' | 'pulls'): Pin =>
  pin(id, side, (animal, sign) => ({
    ...animal,
    tears: { ...animal.tears, [side]: by(animal.tears[side], sign) },
  }));

/** Wires are laid to a hand's breadth: a band is a little over the tolerance. */
export const wirePin = (id: AnimalId, set: number, wire: number): Pin =>
  pin(id, `strands, set ${set}, wire ${wire}`, (animal, sign) =>
    withShocked(animal, (shocked) => ({
      ...shocked,
      sets: shocked.sets.map((it, index) => ({
        ...it,
        heights: it.heights.map((height, at) =>
          index === set && at === wire ? by(height, sign * 60) : height,
        ),
      })),
    })),
  );

export const standOffPin = (id: AnimalId, set: number): Pin =>
  pin(id, `strands, set ${set}, stand-off`, (animal, sign) =>
    withShocked(animal, (shocked) => ({
      ...shocked,
      sets: shocked.sets.map((it, index) =>
        index === set && it.standOff ? { ...it, standOff: by(it.standOff, sign * 60) } : it,
      ),
    })),
  );

/** Line potentials are given as 3 to 4 and as 5 to 6 kV: a band is one. */
export const voltsPin = (id: AnimalId): Pin =>
  pin(id, 'kilovolts', (animal, sign) =>
    withShocked(animal, (shocked) => ({ ...shocked, volts: by(shocked.volts, sign) })),
  );

export const reachPin = (id: AnimalId): Pin =>
  pin(id, 'reach, opening', (animal, sign) => {
    if (!animal.reaches) return animal;
    const { opening } = animal.reaches;
    const band = opening.used.value - opening.strict.value;
    return {
      ...animal,
      reaches: { ...animal.reaches, opening: { ...opening, used: by(opening.used, sign * band) } },
    };
  });

export const reachLengthPin = (id: AnimalId): Pin =>
  pin(id, 'reach, length', (animal, sign) =>
    animal.reaches
      ? {
          ...animal,
          reaches: {
            ...animal.reaches,
            length: by(animal.reaches.length, sign * tenth(animal.reaches.length)),
          },
        }
      : animal,
  );

function withShocked(
  animal: Animal,
  change: (shocked: NonNullable<Animal['shocked']>) => Animal['shocked'],
): Animal {
  const { shocked } = animal;
  const changed = shocked && change(shocked);
  return changed ? { ...animal, shocked: changed } : animal;
}
