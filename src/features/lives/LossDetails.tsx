/** What was lost: how many birds, of which, and to whom where it is known. */
import { livesText } from '@/words/screens/lives';
import type { Place } from '@/core/place/place';
import type { Loss } from '@/core/records/sighting';
import type { AnimalId } from '@/core/tables/animals';
import { NumberField } from '@/features/edit/NumberField';
import { Choice } from '@/ui/controls/Choice';
import { Notice } from '@/ui/controls/Notice';
import { animalName } from '@/words/headline';
import { groupName } from '@/words/names';

interface Props {
  readonly place: Place;
  readonly loss: Loss;
  readonly onChange: (loss: Loss) => void;
}

/** More in one night is a slip. */
const most = 10_000;

export function LossDetails({ place, loss, onChange }: Props) {
  const { animal, group, ...rest } = loss;
  const others = { ...(animal && { animal }), ...(group !== undefined && { group }) };
  return (
    <>
      <NumberField
        label={livesText.birdsLost}
        value={loss.birds}
        least={1}
        most={most}
        whole
        onChange={(birds) => birds !== undefined && onChange({ ...loss, birds })}
      />
      {place.flock.length > 1 && (
        <Choice
          label={livesText.ofWhichBirds}
          options={place.flock.map((it) => [it.id, groupName(it)] as const)}
          value={group}
          onChange={(next) => onChange({ ...rest, ...others, group: next })}
        />
      )}
      <Choice<AnimalId | 'unknown'>
        label={livesText.whoItWas}
        options={[
          ['unknown', livesText.notKnown],
          ...place.setting.lives.map((id) => [id, animalName(id)] as const),
        ]}
        value={animal ?? 'unknown'}
        onChange={(next) =>
          onChange({
            ...rest,
            ...(group !== undefined && { group }),
            ...(next !== 'unknown' && { animal: next }),
          })
        }
      />
      <Notice>{livesText.severalDeadWithoutAWound}</Notice>
    </>
  );
}
