/** What animals do where a reading lets them, of several and of one. */
import type { Bearing } from '@/core/attributes/attribute';

export const lets: Readonly<Record<Bearing, readonly [many: string, one: string]>> = {
  slot: ['pass', 'passes'],
  hole: ['pass', 'passes'],
  digging: ['dig under', 'digs under'],
  lifting: ['lift it', 'lifts it'],
  reach: ['reach in', 'reaches in'],
};
