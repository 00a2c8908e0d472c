import type { Href } from 'expo-router';
import { isRouteOf } from './is-route-of';

test.each<[Href, string, object | undefined, boolean]>([
  ['/place', 'place', undefined, true],
  ['/place', 'places', undefined, false],
  ['/mends', 'mends/index', {}, true],
  ['/mends', 'mends/plan', undefined, false],
  [{ pathname: '/', params: {} }, 'index', undefined, true],
  [{ pathname: '/', params: { scenario: undefined } }, 'index', {}, true],
  [{ pathname: '/', params: { scenario: 'day-run' } }, 'index', {}, false],
  [
    { pathname: '/', params: { scenario: 'day-run', day: '1' } },
    'index',
    { day: '1', scenario: 'day-run' },
    true,
  ],
  [{ pathname: '/item/[item]', params: { item: 'n2' } }, 'item/[item]', { item: 'n2' }, true],
  [{ pathname: '/item/[item]', params: { item: 'n2' } }, 'item/[item]', { item: 'n3' }, false],
])('%j leads to %s with %j: %s', (href, name, params, is) => {
  expect(isRouteOf(href, { name, params })).toBe(is);
});
