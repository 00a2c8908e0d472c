/** What stands round every screen: the bar at the foot on a phone, the rail at the left where there is room. */
import { frameText } from '@/words/screens/frame';
import { Link, usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { NavIcon, type NavIconName } from '@/ui/drawings/NavIcon';
import { color, railWidth, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { useAppearance } from './use-appearance';
import { SkipLink } from './SkipLink';
import { usePageTitle } from './use-page-title';
import { useNewVersion } from './use-new-version';
import { useUndoKeys } from './use-undo-keys';

interface Stop {
  readonly href: '/' | '/walk' | '/mends' | '/place';
  readonly name: string;
  readonly icon: NavIconName;
  /** Further addresses that belong to it. */
  readonly also: readonly string[];
}

const stops: readonly Stop[] = [
  {
    href: '/',
    name: frameText.yard,
    icon: 'yard',
    also: [
      ...['/way', '/animal', '/item', '/sure', '/compare'],
      ...['/shut', '/nights', '/happened', '/lived', '/fence'],
    ],
  },
  { href: '/walk', name: frameText.walk, icon: 'walk', also: [] },
  { href: '/mends', name: frameText.mends, icon: 'mends', also: ['/again', '/records', '/report'] },
  {
    href: '/place',
    name: frameText.place,
    icon: 'place',
    also: [
      '/places',
      '/figures',
      '/how',
      '/lives',
      '/begin',
      '/bay',
      '/zone',
      '/flock',
      '/routine',
    ],
  },
];

/** Screens with a button of their own at the foot. */
const filling: ReadonlySet<string> = new Set(['/shut', '/happened']);

export function Frame({ children }: { readonly children: ReactNode }) {
  const wide = useWide();
  const path = usePathname();
  useAppearance();
  useUndoKeys();
  const useIt = useNewVersion();
  // A question fills the phone: nothing at the foot to hit by mistake.
  const asking = /^\/(walk|again)\/(?!end$)./.test(path);
  usePageTitle(stops.find((stop) => isHere(stop, path))?.name ?? frameText.nothingHere);
  const bare = path === '/begin' || ((asking || filling.has(path)) && !wide);
  return (
    <View style={[styles.all, wide && styles.wide]}>
      <SkipLink />
      {wide && !bare && <Nav path={path} wide />}
      <View role="main" style={styles.main}>
        {useIt && !asking && (
          <View role="status" style={styles.newer}>
            <Txt style={styles.newerWords}>{frameText.aNewVersionOfRookle}</Txt>
            <Button look="key" label={frameText.useItNow} onPress={useIt} />
          </View>
        )}
        {children}
      </View>
      {!wide && !bare && <Nav path={path} wide={false} />}
    </View>
  );
}

function Nav({ path, wide }: { readonly path: string; readonly wide: boolean }) {
  return (
    <View role="navigation" aria-label={frameText.main} style={wide ? styles.rail : styles.bar}>
      {wide && (
        <Txt kind="figure" tone="onBar" style={styles.name}>
          {frameText.name}
        </Txt>
      )}
      {stops.map((stop) => (
        <NavLink key={stop.href} stop={stop} here={isHere(stop, path)} wide={wide} />
      ))}
    </View>
  );
}

function NavLink({ stop, here, wide }: { stop: Stop; here: boolean; wide: boolean }) {
  return (
    <Link href={stop.href} asChild>
      <Pressable
        {...(here && { 'aria-current': 'page' as const })}
        style={StyleSheet.flatten([
          wide ? styles.railLink : styles.barLink,
          here && (wide ? styles.railHere : styles.barHere),
        ])}
      >
        <NavIcon name={stop.icon} stroke={here ? color.onBar : color.onBar2} />
        <Txt kind="small" tone={here ? 'onBar' : 'onBar2'} style={here && styles.bold}>
          {stop.name}
        </Txt>
      </Pressable>
    </Link>
  );
}

function isHere({ href, also }: Stop, path: string): boolean {
  if (href === '/' ? path === '/' : path.startsWith(href)) return true;
  return also.some((start) => path.startsWith(start));
}

const styles = StyleSheet.create({
  all: { flex: 1, backgroundColor: color.field },
  wide: { flexDirection: 'row' },
  main: { flex: 1, minWidth: 0 },
  newer: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    paddingHorizontal: space.l,
    paddingVertical: space.s,
    backgroundColor: color.paper,
    borderBottomWidth: 2,
    borderBottomColor: color.strand,
  },
  newerWords: { flex: 1 },
  bar: { flexDirection: 'row', backgroundColor: color.bar, paddingBottom: space.xs },
  barLink: {
    flex: 1,
    minHeight: 62,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 3,
    borderTopWidth: 4,
    borderTopColor: color.bar,
  },
  barHere: { borderTopColor: color.strand },
  rail: { width: railWidth, backgroundColor: color.bar, paddingTop: space.xl, gap: space.xs },
  name: { paddingHorizontal: space.l, paddingBottom: space.l },
  railLink: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: 52,
    paddingLeft: space.m,
    borderLeftWidth: 4,
    borderLeftColor: color.bar,
  },
  railHere: { borderLeftColor: color.strand },
  bold: { fontWeight: '700' },
});
