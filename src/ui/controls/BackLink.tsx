/** The way up from a page, above its title. */
import { Link, useNavigation, useRouter, type Href } from 'expo-router';
import { StyleSheet } from 'react-native';
import { space } from '../theme/tokens';
import { isRouteOf } from './is-route-of';
import { Txt } from './Txt';

export function BackLink({ href, name }: { readonly href: Href; readonly name: string }) {
  const router = useRouter();
  const navigation = useNavigation();
  return (
    <Link
      href={href}
      style={styles.link}
      onPress={(event) => {
        // Whoever came from there goes back to where they were on it, not to its head and one page further from the browser's own back.
        if (isForElsewhere(event)) return;
        const state = navigation.getState();
        const last = state?.routes[state.index - 1];
        if (!last || !isRouteOf(href, last)) return;
        event.preventDefault();
        router.back();
      }}
    >
      <Txt kind="small" tone="holds">
        ‹ {name}
      </Txt>
    </Link>
  );
}

/** A click that opens another tab or window, or saves. */
function isForElsewhere(event: object): boolean {
  const { ctrlKey, metaKey, shiftKey, altKey } = event as Partial<MouseEvent>;
  return [ctrlKey, metaKey, shiftKey, altKey].includes(true);
}

const styles = StyleSheet.create({ link: { alignSelf: 'flex-start', paddingVertical: space.xs } });
