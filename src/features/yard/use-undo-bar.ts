/** The bar that takes the last change back, once there is one; `undefined` until then, and until it has come. */
import { useQuery } from '@tanstack/react-query';
import { useHistory } from '@/store/use-history';

const load = () => import('./undo');
type Undo = Awaited<ReturnType<typeof load>>;

export function useUndoBar(placeId: string): Undo | undefined {
  const { undoes, redoes } = useHistory(placeId);
  const { data } = useQuery({
    queryKey: ['yard-undo'],
    queryFn: load,
    enabled: undoes !== undefined || redoes !== undefined,
    staleTime: Infinity,
    gcTime: Infinity,
    structuralSharing: false,
    networkMode: 'always',
    retry: false,
  });
  return data;
}
