/** What is judged: which hours, and how the doors stand. */
import type { Animal, Hours } from '../tables/animals';

export type Scenario = 'night-shut';

/** Hours of a scenario. An animal that is never about in them is no threat in it. */
export const scenarioHours: Readonly<Record<Scenario, readonly Hours[]>> = {
  'night-shut': ['dusk', 'night'],
};

export function isAbout(animal: Animal, scenario: Scenario): boolean {
  return animal.active.some((hours) => scenarioHours[scenario].includes(hours));
}
