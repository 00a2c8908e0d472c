/** What was seen: which animal, where somebody can name it by now, and how it is known. */
import type { Place } from '@/core/place/place';
import { sightingKinds, type Sighting } from '@/core/records/sighting';
import type { AnimalId } from '@/core/tables/animals';
import { Choice } from '@/ui/controls/Choice';
import { animalName } from '@/words/headline';
import { sightingNames } from '@/words/log-words';
import { livesText } from '@/words/screens/lives';

interface Props {
  readonly place: Place;
  readonly sighting: Sighting;
  /** Changes the sighting as it then stands. */
  readonly onChange: (work: (sighting: Sighting) => Sighting) => void;
}

export function SightingDetails({ place, sighting, onChange }: Props) {
  return (
    <>
      <Choice
        label={livesText.howItIsKnown}
        options={sightingKinds.map((it) => [it, sightingNames[it][0]] as const)}
        value={sighting.how}
        onChange={(how) => onChange((it) => ({ ...it, how }))}
      />
      <Choice<AnimalId | 'unknown'>
        label={livesText.whoItWas}
        options={[
          ['unknown', livesText.notKnown] as const,
          ...place.setting.lives.map((id) => [id, animalName(id)] as const),
        ]}
        value={sighting.animal ?? 'unknown'}
        onChange={(next) =>
          onChange(({ animal: _animal, ...others }) => ({
            ...others,
            ...(next !== 'unknown' && { animal: next }),
          }))
        }
      />
    </>
  );
}
