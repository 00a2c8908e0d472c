/** The way up from a page, above its title. */
import { Link, type Href } from 'expo-router';
import { StyleSheet } from 'react-native';
import { space } from '../theme/tokens';
import { Txt } from './Txt';

export function BackLink({ href, name }: { readonly href: Href; readonly name: string }) {
  return (
    <Link href={href} style={styles.link}>
      <Txt kind="small" tone="holds">
        ‹ {name}
      </Txt>
    </Link>
  );
}

const styles = StyleSheet.create({ link: { alignSelf: 'flex-start', paddingVertical: space.xs } });
