/** Shows the page as the keeper chose it, once that has been read. */
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { appearanceKey, readAppearance } from '@/store/appearance';
import { appearances, showAppearance } from '@/ui/theme/theme-css';

export function useAppearance(): void {
  const { data } = useQuery({
    queryKey: appearanceKey,
    queryFn: readAppearance,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
  useEffect(() => {
    showAppearance(appearances.find((it) => it === data) ?? 'device');
  }, [data]);
}
