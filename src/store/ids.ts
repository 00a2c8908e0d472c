/** Times and names that the store gives; core has neither clock nor chance. */
import { randomId } from './storage';

/** ISO 8601, UTC. */
export function now(): string {
  return new Date().toISOString();
}

export function newId(kind: string): string {
  return `${kind}-${randomId()}`;
}
