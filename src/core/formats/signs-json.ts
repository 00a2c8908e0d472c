/** What `npm run -s signs -- FILE --found FILE --json` prints. Its schema stands in docs/format/signs.schema.json. */
import type { Place } from '../place/place';
import type { FoundSigns, Sign } from '../records/found-signs';
import type { Inquiry } from '../signs/inquiry';
import { signsVersion, type SignsDocument } from './signs-document';

/** `signs`: all that was found, with what follows from the count. */
export function signsJson(
  { name }: Place,
  { date }: FoundSigns,
  signs: readonly Sign[],
  { who, ways, look, next }: Inquiry,
): SignsDocument {
  return {
    version: signsVersion,
    place: name,
    date,
    signs,
    who,
    ways: ways.map(({ culprit, way, share, isInTheOpen }) => ({
      culprit,
      bay: way?.bay ?? null,
      share,
      isUnread: way?.isUnread ?? false,
      isInTheOpen,
    })),
    look,
    next: next ?? null,
  };
}
