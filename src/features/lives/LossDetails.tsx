/** What was lost: how many birds, of which, and to whom where it is known. */
import { livesText } from '@/words/screens/lives';
import type { Place } from '@/core/place/place';
import type { Loss } from '@/core/records/sighting';
import type { AnimalId } from '@/core/tables/animals';
import { CountFields } from '@/features/edit/CountFields';
import { Choice } from '@/ui/controls/Choice';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { animalName } from '@/words/headline';
import { groupName } from '@/words/names';

interface Props {
  readonly place: Place;
  readonly loss: Loss;
  /** Changes the loss as it then stands. */
  readonly onChange: (work: (loss: Loss) => Loss) => void;
}

export function LossDetails({ place, loss, onChange }: Props) {
  const { animal, group } = loss;
  // Nobody can be taken off a flock of which it is not said which.
  const from = group ?? (place.flock.length === 1 ? place.flock[0]?.id : undefined);
  return (
    <>
      <CountFields
        counts={[
          {
            label: livesText.birdsLost,
            value: loss.birds,
            onChange: (birds) => onChange((it) => withBirds(it, birds)),
          },
        ]}
      />
      <CountFields
        counts={[
          {
            label: livesText.birdsHurt,
            value: loss.hurt ?? 0,
            onChange: (hurt) => onChange((it) => ({ ...it, hurt })),
          },
          {
            label: livesText.eggsGone,
            value: loss.eggs ?? 0,
            onChange: (eggs) => onChange((it) => ({ ...it, eggs })),
          },
        ]}
      />
      {place.flock.length > 1 && (
        <Choice
          label={livesText.ofWhichBirds}
          options={place.flock.map((it) => [it.id, groupName(it)] as const)}
          value={group}
          onChange={(next) => onChange((it) => ({ ...it, group: next }))}
        />
      )}
      {from !== undefined && (
        <Choice<'fewer' | 'same'>
          label={livesText.theFlock}
          options={[
            ['fewer', livesText.isFewer],
            ['same', livesText.isCountedWithout],
          ]}
          value={loss.fewer === undefined ? 'same' : 'fewer'}
          onChange={(next) =>
            onChange(({ fewer: _fewer, ...without }) =>
              next === 'same' ? without : { ...without, group: from, fewer: without.birds },
            )
          }
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
          onChange(({ animal: _animal, cause: _cause, ...rest }) => ({
            ...rest,
            ...(next !== 'unknown' && { animal: next }),
          }))
        }
      />
      <Notice>{livesText.severalDeadWithoutAWound}</Notice>
      <LinkRow
        href={{ pathname: '/happened/[loss]', params: { loss: loss.id } }}
        says={livesText.whatWasFound}
      >
        <Txt kind="strong" tone="holds">
          {livesText.whatWasFound}
        </Txt>
      </LinkRow>
    </>
  );
}

/** Where the flock follows its losses it follows this one; no more of them are found dead than are lost. */
function withBirds(loss: Loss, birds: number): Loss {
  const { fewer, dead } = loss;
  return {
    ...loss,
    birds,
    ...(fewer !== undefined && { fewer: birds }),
    ...(dead !== undefined && { dead: Math.min(dead, birds) }),
  };
}
