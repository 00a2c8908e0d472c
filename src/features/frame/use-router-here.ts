/** Going on from a screen once something is stored. Storing takes a moment: whoever has gone elsewhere meanwhile is not fetched back. */
import { useNavigation, useRouter } from 'expo-router';
import { useMemo } from 'react';

export type RouterHere = Pick<ReturnType<typeof useRouter>, 'push' | 'replace'>;

/** Does nothing any more once another screen is shown. */
export function useRouterHere(): RouterHere {
  const router = useRouter();
  const navigation = useNavigation();
  return useMemo(
    () => ({
      push: (...to) => {
        if (navigation.isFocused()) router.push(...to);
      },
      replace: (...to) => {
        if (navigation.isFocused()) router.replace(...to);
      },
    }),
    [router, navigation],
  );
}
