/** What judging costs, as ratios within one run: a place of 60 bays against the demo place, and against an export. */
import { sample } from 'fast-check';
import { samphireYard } from '../demo/samphire-yard';
import { writePlaceFile } from '../src/core/formats/place-file';
import { readPlaceFile } from '../src/core/formats/read-place-file';
import type { Face, Place } from '../src/core/place/place';
import { judge } from '../src/core/score/judge';
import { randomPlace } from '../src/core/tests/random-place';

export interface JudgingCost {
  readonly demoMs: number;
  /** Times the demo place's. */
  readonly sixtyBays: number;
  /** Reading the demo place's file, in times of judging it. */
  readonly readFile: number;
}

/** Middle of several runs, ms. */
function median(work: () => unknown, runs = 15): number {
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] ?? 0;
}

/** Seeded, so that two runs judge the same place. */
function sixtyBayPlace(): Place {
  const places = sample(randomPlace('all'), { numRuns: 12, seed: 60 });
  const [first, ...rest] = places;
  if (!first) throw new Error('no place');
  const renamed = rest.flatMap((place, index) =>
    place.faces.map(
      (face): Face =>
        JSON.parse(JSON.stringify(face).replace(/"([wnefb]\d)/g, `"p${index}-$1`)) as Face,
    ),
  );
  // The demo's animals, so that only the number of bays differs.
  const { setting } = samphireYard.place;
  return {
    ...first,
    setting,
    faces: [...first.faces, ...renamed.filter((face) => face.bays.length > 0)],
  };
}

export function judgingCost(): JudgingCost {
  const { place, walks } = samphireYard;
  const large = sixtyBayPlace();
  const text = writePlaceFile(samphireYard);
  // Warm first: what is compared is the work, not the compiler.
  for (let runs = 0; runs < 30; runs += 1) {
    judge(place, walks);
    judge(large, []);
    readPlaceFile(text);
  }
  const demo = median(() => judge(place, walks));
  const ratio = (ms: number) => Math.round((ms / demo) * 10) / 10;
  return {
    demoMs: Math.round(demo * 100) / 100,
    sixtyBays: ratio(median(() => judge(large, []))),
    readFile: ratio(median(() => readPlaceFile(text))),
  };
}
