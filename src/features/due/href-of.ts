/** Where what falls due is done. */
import type { Href } from 'expo-router';
import type { DueOf } from '@/core/rounds/due';
import { questionId } from '@/core/walk/questions';
import type { WalkPurpose } from '@/core/records/walk';

const walk = (purpose: WalkPurpose): Href => ({ pathname: '/walk', params: { purpose } });

/** What no reading shows, or none yet, is done by saying so. */
export const isDoneBySaying = (of: DueOf): boolean =>
  hrefOf(of) === undefined || (of.kind === 'see-to' && of.wants === 'do');

/** `undefined`: there is nothing more to it than saying so. */
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
    case 'see-to': {
      const { item, attribute } = of.job.reading;
      return { pathname: '/walk/[question]', params: { question: questionId(item, attribute) } };
    }
    case 'away':
      return '/nights';
    case 'learning':
      return '/shut';
    case 'weather':
      return of.weather.weather === 'storm' ? walk('storm') : undefined;
    case 'panels':
    case 'mow':
    case 'own':
      return undefined;
  }
}
