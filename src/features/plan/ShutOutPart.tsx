/** One animal shut out altogether on a night with everything shut, at the least cost; or what has no mend. */
import { planText } from '@/words/screens/plan';
import type { AnimalId } from '@/core/tables/animals';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { animalName } from '@/words/headline';
import { bySpotWords, mendTitle } from '@/words/plan-words';
import type { ShutOutAnswer } from '@/workers/plan-talk';
import type { Shared } from './shared';

interface Props extends Shared {
  readonly lives: readonly AnimalId[];
  readonly animal: AnimalId | undefined;
  readonly onAnimal: (animal: AnimalId) => void;
  readonly shutOut: ShutOutAnswer | undefined;
}

export function ShutOutPart({ lives, animal, onAnimal, shutOut, ...shared }: Props) {
  return (
    <Part title={planText.shutOneAnimalOut}>
      <Picker
        label={planText.altogetherAtNightAtThe}
        options={lives.map((id) => [id, animalName(id)] as const)}
        value={animal}
        none={planText.chooseAnAnimal}
        onChange={onAnimal}
      />
      {animal && !shutOut && <Txt tone="ink2">{planText.workingItOut}</Txt>}
      {shutOut && <Found {...shared} shutOut={shutOut} />}
    </Part>
  );
}

function Found({
  place,
  limits,
  setLimits,
  candidates,
  shutOut,
}: Shared & { readonly shutOut: ShutOutAnswer }) {
  const { animal, can, chosen, minutes, stays } = shutOut;
  const name = animalName(animal);
  if (!can) {
    return (
      <Txt live>
        {planText.cannotBeShutOutBy(
          name,
          stays.map((it) => bySpotWords(place, it)),
        )}
      </Txt>
    );
  }
  if (chosen.length === 0) return <Txt live>{planText.isShutOutAlready(name)}</Txt>;
  const titles = chosen.map((id) => {
    const it = candidates.get(id);
    return it ? mendTitle(place, it.mend) : id;
  });
  return (
    <>
      <Txt kind="strong" live>
        {planText.andOfWorkShutIt(name, place, shutOut, minutes)}
      </Txt>
      {titles.map((title) => (
        <Txt key={title}>{title}</Txt>
      ))}
      <Button
        look="plain"
        label={planText.theseMustBeInThe}
        onPress={() =>
          setLimits({
            ...limits,
            must: [...new Set([...(limits.must ?? []), ...chosen])],
            wont: (limits.wont ?? []).filter((it) => !chosen.includes(it)),
          })
        }
      />
    </>
  );
}
