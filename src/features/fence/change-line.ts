import type { FenceLine } from '@/core/place/fence';

/**
 * Changes the line as it then stands, not as it was drawn: of two fields filled one after the other neither is lost. `undefined` leaves it
 * as it is. Ends as `Edit.change` does.
 */
export type ChangeLine = (
  work: (line: FenceLine) => Partial<FenceLine> | undefined,
) => Promise<boolean>;
