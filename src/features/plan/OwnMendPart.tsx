/** A mend of the keeper's own: where, what it is called, what it takes, and what it will leave. */
import { planText } from '@/words/screens/plan';
import { useState } from 'react';
import { ownEffects, ownMend } from '@/core/mends/own-mend';
import type { Place } from '@/core/place/place';
import { readLength, isLength } from '@/core/walk/length-entry';
import { amountFrom, centsFrom } from '@/features/edit/sum-entry';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Field } from '@/ui/controls/Field';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { lengthFigure, unitName } from '@/words/length-words';
import { unitOf } from '@/core/attributes';
import { notSavedWords } from '@/words/not-saved-words';
import { bySpotWords } from '@/words/plan-words';
import type { OwnSpot } from '@/workers/plan-talk';

interface Props {
  readonly place: Place;
  readonly spots: readonly OwnSpot[];
}

const keyOf = ({ spot }: OwnSpot): string => `${spot.kind} ${spot.item}`;

export function OwnMendPart({ place, spots }: Props) {
  const [open, setOpen] = useState(false);
  if (spots.length === 0) return null;
  return (
    <Part title={planText.aMendOfYourOwn}>
      {open ? (
        <Form place={place} spots={spots} onDone={() => setOpen(false)} />
      ) : (
        <Button look="plain" label={planText.addAMendOfYour} onPress={() => setOpen(true)} />
      )}
    </Part>
  );
}

function Form({ place, spots, onDone }: Props & { readonly onDone: () => void }) {
  const { addOwnMend } = useChanges();
  const [key, setKey] = useState<string>();
  const [name, setName] = useState('');
  const [money, setMoney] = useState('0');
  const [minutes, setMinutes] = useState('30');
  const [value, setValue] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const spot = spots.find((it) => keyOf(it) === key);
  const effect = spot && ownEffects[spot.spot.kind];
  const attribute = effect?.attributes[0];
  const isFigure = effect !== undefined && effect.value !== 'hard-surface';
  const inMm = attribute !== undefined && unitOf(attribute) === 'mm';
  const unit = attribute && (inMm ? unitName(place.units) : unitOf(attribute));
  const suggested = spot?.suggested === undefined ? '' : lengthFigure(spot.suggested, place.units);
  const add = () => {
    const amount = isFigure ? figureOf(value ?? suggested, inMm ? place.units : undefined) : 0;
    const cents = centsFrom(money);
    const work = amountFrom(minutes);
    if (!spot || name.trim() === '') return setTrouble(planText.sayWhereItGoesAnd);
    if (amount === undefined || cents === undefined || work === undefined) {
      return setTrouble(planText.moneyMinutesAndWhatIt);
    }
    const own = { name: name.trim().slice(0, 80), cents, minutes: work };
    addOwnMend(ownMend(place, { ...spot, bay: { id: spot.bay } }, own, amount))
      .then(onDone)
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
    return undefined;
  };
  return (
    <>
      <Picker
        label={planText.where}
        options={spots.map((it) => [keyOf(it), bySpotWords(place, it)])}
        value={key}
        none={planText.chooseAWeakSpot}
        onChange={(next) => {
          setKey(next);
          setValue(undefined);
        }}
      />
      {spot && <Txt tone="ink2">{planText.letsBy(spot.letsBy)}</Txt>}
      <Field label={planText.whatItIsCalled} value={name} onChange={setName} />
      <Field label={planText.money} value={money} numeric onChange={setMoney} />
      <Field label={planText.minutesOfWork} value={minutes} numeric onChange={setMinutes} />
      {isFigure && (
        <Field
          label={`${effect.value === 'at-most' ? planText.leavesNoGapWiderThan : planText.makesItAtLeast}, ${unit}`}
          value={value ?? suggested}
          onChange={setValue}
        />
      )}
      {effect?.value === 'hard-surface' && <Txt tone="ink2">{planText.itLeavesAHardEdge}</Txt>}
      <Txt kind="small" tone="ink2">
        {planText.itIsPlannedWithLike}
      </Txt>
      {trouble && <Notice>{trouble}</Notice>}
      <Button label={planText.addIt} onPress={add} />
      <Button look="plain" label={planText.leaveIt} onPress={onDone} />
    </>
  );
}

/** Nothing that is made wide or far is more, mm. */
const widest = 5000;

/** A plain number, or a length in the keeper's units. */
function figureOf(text: string, units?: Place['units']): number | undefined {
  if (units) {
    const length = readLength(text, units, widest);
    return isLength(length) ? length.mm : undefined;
  }
  return amountFrom(text);
}
