/** What else is worth knowing of an animal: when it is about, its sign, the law, what to mind, its figures. */
import { animalText } from '@/words/screens/animal';
import type { Place } from '@/core/place/place';
import { animals, type AnimalId } from '@/core/tables/animals';
import { sources } from '@/core/tables/sources';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { aboutWords, cautionWords, lawWords, signWords } from '@/words/animal-words';
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
      <Part title={animalText.whenItIsAbout}>
        <Txt>{aboutWords(animals[id], place)}</Txt>
        <Txt>
          {place.setting.lives.includes(id)
            ? animalText.thatIsWhatIsReckoned(visits)
            : animalText.notAmongWhatLivesHere}
        </Txt>
        <LinkRow href="/lives" says={animalText.howOftenComesAndWhat(name)}>
          <Txt kind="strong" tone="holds">
            {animalText.howOftenItComesAnd}
          </Txt>
        </LinkRow>
      </Part>
      <Part title={animalText.whatItLeavesBehind}>
        <Txt>{signWords[id]}</Txt>
        <Txt kind="small" tone="ink2">
          {animalText.signsOverlapAndScavengersAlter(markNames.assumption, sources['sign-keys'])}
        </Txt>
      </Part>
      <Part title={animalText.lawAndCaution}>
        <Txt>{lawWords(id, region)}</Txt>
        <Txt>{cautionWords(id, region)}</Txt>
        <Txt kind="small" tone="ink2">
          {animalText.lawsAreNamedFromMemory}
        </Txt>
      </Part>
      <Part title={animalText.whatIsKnownOfIt}>
        <LinkRow
          href={{ pathname: '/figures', params: { find: name } }}
          says={animalText.everyFigureForWithIts(name)}
        >
          <Txt kind="strong" tone="holds">
            {animalText.everyFigureForItWith}
          </Txt>
        </LinkRow>
      </Part>
    </>
  );
}
