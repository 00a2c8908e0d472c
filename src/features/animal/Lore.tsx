/** What else is worth knowing of an animal: when it is about, its sign, the law, what to mind, its figures. */
import type { Place } from '@/core/place/place';
import { animals, type AnimalId } from '@/core/tables/animals';
import { sources } from '@/core/tables/sources';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { aboutWords, cautionWords, lawWords, rateSentence, signWords } from '@/words/animal-words';
import { animalName } from '@/words/headline';
import { markNames } from '@/words/names';

interface Props {
  readonly id: AnimalId;
  readonly place: Place;
  /** In the hours judged, of one day. */
  readonly visits: number;
}

export function Lore({ id, place, visits }: Props) {
  const { region } = place.setting;
  const name = animalName(id);
  return (
    <>
      <Part title="When it is about">
        <Txt>{aboutWords(animals[id], place)}</Txt>
        <Txt>{rateSentence(visits)} That is what is reckoned with here in these hours.</Txt>
        <LinkRow href="/lives" says={`How often ${name} comes, and what was seen`}>
          <Txt kind="strong" tone="holds">
            How often it comes, and what was seen
          </Txt>
        </LinkRow>
      </Part>
      <Part title="What it leaves behind">
        <Txt>{signWords[id]}</Txt>
        <Txt kind="small" tone="ink2">
          Signs overlap, and scavengers alter them. Put together by us ({markNames.assumption}) from
          keys in print, recalled from memory: {sources['sign-keys']}.
        </Txt>
      </Part>
      <Part title="Law and caution">
        <Txt>{lawWords(id, region)}</Txt>
        <Txt>{cautionWords(id, region)}</Txt>
        <Txt kind="small" tone="ink2">
          Laws are named from memory and change: look yours up before you act.
        </Txt>
      </Part>
      <Part title="What is known of it">
        <LinkRow
          href={{ pathname: '/figures', params: { find: name } }}
          says={`Every figure for ${name}, with its source`}
        >
          <Txt kind="strong" tone="holds">
            Every figure for it, with its source
          </Txt>
        </LinkRow>
      </Part>
    </>
  );
}
