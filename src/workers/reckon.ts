/** What the worker is asked and what it answers. Everything in it goes across as plain data. */
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import type { Walk } from '@/core/records/walk';
import type { Failure } from '@/core/score/failure';
import type { HowSure } from '@/core/score/how-sure';
import type { Losses } from '@/core/score/losses';
import type { Scenario } from '@/core/score/scenario';
import type { LossPoint, TrendPoint } from '@/core/score/trend';

export interface Asked {
  readonly what: keyof Answers;
  readonly place: Place;
  readonly walks: readonly Walk[];
  readonly log: readonly LogEntry[];
  /** All there are now, where `walks` are those of another state: how it has gone here is weighed against the place as it is. */
  readonly walksNow?: readonly Walk[];
  /** Only what grows old asks for them. */
  readonly mends?: readonly Mend[];
  readonly scenario: Scenario;
  /** YYYY-MM-DD */
  readonly date: string;
}

export interface Answers {
  /** Losses of a year as it stands, in all scenarios. */
  readonly year: Losses;
  /** The scenario's hold after every walk, on today's threats. */
  readonly trend: readonly TrendPoint[];
  /** Birds lost in a year, as it stood after each of the last walks. */
  readonly losses: readonly LossPoint[];
  readonly sure: HowSure;
  /** Ids of questions: what could still change the answer tonight, what could not, and what a walk that settles it asks. */
  readonly settle: {
    readonly folded: readonly string[];
    readonly asks: readonly string[];
  };
  /** Of what falls due for a look, in the order of `ageingOf`: what its failure would open. */
  readonly failures: readonly Failure[];
}

export type WorkerMessage<What extends keyof Answers> =
  | { readonly kind: 'progress'; readonly done: number; readonly all: number }
  | { readonly kind: 'answer'; readonly answer: Answers[What] };
