/**
 * A plan as plain JSON: what `npm run -s plan -- FILE --json` prints. With the terms and their links anybody can work out what any set
 * of mends leaves, and see by brute force that none does better. Its schema stands in docs/format/plan.schema.json.
 */
import type { PlanAnswer } from '../mends/plan/answer';
import type { Planning } from '../mends/plan/build-problem';
import { leastOf, type Curve, type CurvePoint } from '../mends/plan/curve';
import type { Stopgap } from '../mends/plan/for-tonight';
import type { Limits } from '../mends/plan/limits';
import {
  birdsEnd,
  outsideEnd,
  stillBy,
  type Link,
  type StillBy,
  type Term,
} from '../mends/plan/problem';
import type { ShutOut } from '../mends/plan/shut-out';
import type { Mend } from '../records/mend';
import type { Scenario } from '../score/scenario';
import type { AnimalId } from '../tables/animals';
import {
  planVersion,
  type MendDocument,
  type PlanDocument,
  type ShutOutDocument,
  type TermDocument,
} from './plan-document';

/** What is told of a plan. */
export interface PlanFindings {
  readonly place: string;
  readonly date: string | undefined;
  readonly planning: Planning;
  readonly limits: Limits;
  readonly answer: PlanAnswer;
  readonly curve: Curve;
  /** A far cheaper plan nearly as good, where one is. */
  readonly enough?: CurvePoint;
  readonly stopgaps: readonly Stopgap[];
  readonly shutOut?: {
    readonly animal: AnimalId;
    readonly scenario: Scenario;
    readonly result: ShutOut;
  };
}

/** The plan as the document that docs/format/plan.schema.json describes. */
export function planJson(document: PlanFindings): PlanDocument {
  const { place, date, planning, limits, answer, curve, stopgaps, shutOut } = document;
  const { problem, candidates, harmful } = planning;
  const idAt = (index: number): string => problem.candidates[index]?.id ?? '';
  return {
    version: planVersion,
    place,
    date: date ?? null,
    limits: {
      cents: limits.cents ?? null,
      minutes: limits.minutes ?? null,
      longest: limits.longest ?? null,
      must: limits.must ?? [],
      wont: limits.wont ?? [],
    },
    ...answer,
    others: Object.fromEntries(
      Object.entries(answer.others).map(([id, why]) => [
        id,
        why.kind === 'beside' ? { ...why, at: why.at.map(inText) } : why,
      ]),
    ),
    least: answer.chosen.length === 0 ? (leastOf(curve) ?? null) : null,
    curve: curve.points,
    knee: curve.points[curve.knee]?.cents ?? null,
    shutOut: shutOut ? shutOutJson(shutOut, idAt) : null,
    tonight: stopgaps.map(({ mend, cents, minutes }) => ({ ...mendJson(mend), cents, minutes })),
    candidates: candidates.map(({ id, mend, cents, minutes, excludes, inHand }) => ({
      id,
      ...mendJson(mend),
      cents,
      minutes,
      excludes: excludes.filter((it) => problem.candidates.some((other) => other.id === it)),
      inHand,
    })),
    harmful: harmful.map(({ id }) => id),
    fixedOf: problem.fixedOf,
    flock: problem.flock,
    terms: problem.terms.map((term) => termJson(term, idAt)),
  };
}

function mendJson({ kind, bay, spot, stops, targets }: Mend): MendDocument {
  return { kind, bay, spot, stops, targets };
}

function shutOutJson(
  { animal, scenario, result }: NonNullable<PlanFindings['shutOut']>,
  idAt: (index: number) => string,
): ShutOutDocument {
  return result.can
    ? {
        animal,
        scenario,
        can: true,
        chosen: result.chosen.map(idAt),
        cents: result.cents,
        ...(result.paid !== result.cents && { wholeCents: result.paid }),
        minutes: result.minutes,
        stays: [],
      }
    : {
        animal,
        scenario,
        can: false,
        chosen: [],
        cents: 0,
        minutes: 0,
        stays: result.stays.map(inText),
      };
}

function termJson(term: Term, idAt: (index: number) => string): TermDocument {
  const { animal, zone, scenarios, weight, weightOf, shutFrom, links } = term;
  const end = (at: number): string => {
    if (at === outsideEnd) return 'outside';
    return at === birdsEnd ? 'birds' : (term.zones[at] ?? '');
  };
  return {
    animal,
    zone,
    scenarios,
    weight,
    weightOf,
    shutFrom,
    links: links.map((link) => ({
      ...inText(stillBy(link)),
      from: end(link.from),
      to: end(link.to),
      states: link.states.map(({ mask, weight: own, minutes }) => ({
        made: madeIn(link, mask).map(idAt),
        weight: own,
        minutes,
      })),
    })),
  };
}

function madeIn({ mends }: Link, mask: number): number[] {
  return mends.filter((_, bit) => (mask & (1 << bit)) !== 0);
}

/** Kind and item of a spot as one word each: "ground n2". */
const inText = ({ bay, spot }: StillBy) => ({ bay, spot: `${spot.kind} ${spot.item}` });
