/** The parts of the yard that are loaded once its answer is painted; `undefined` until they are there. */
import { useQuery } from '@tanstack/react-query';

const load = () => import('./below');
type Below = Awaited<ReturnType<typeof load>>;

export function useBelow(isPainted: boolean): Below | undefined {
  const { data } = useQuery({
    queryKey: ['yard-below'],
    queryFn: load,
    enabled: isPainted,
    staleTime: Infinity,
    gcTime: Infinity,
    structuralSharing: false,
    networkMode: 'always',
    // A script that does not come is the screen's trouble, as any other.
    throwOnError: true,
    retry: false,
  });
  return data;
}
