/** Where what falls due is done. */
import type { Href } from 'expo-router';
import type { DueOf } from '@/core/rounds/due';
import type { WalkPurpose } from '@/core/records/walk';

const walk = (purpose: WalkPurpose): Href => ({ pathname: '/walk', params: { purpose } });

/** `undefined`: it is done by saying so. */
export function hrefOf(of: DueOf): Href | undefined {
  switch (of.kind) {
    case 'line-volts':
      return walk('fence');
    case 'battery-volts':
      return walk('battery');
    case 'battery-empty':
      return '/fence';
    case 'pull-test':
      return walk('storm');
    case 'whole-walk':
      return walk('full');
    case 'ageing':
      return '/mends/due';
    case 'mend':
      return { pathname: '/mends/[id]', params: { id: of.mend.id } };
    case 'away':
      return '/nights';
    case 'learning':
      return '/shut';
    case 'own':
      return undefined;
  }
}
