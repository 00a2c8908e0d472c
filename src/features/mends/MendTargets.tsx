/** What has to be true when it is done, and will be read again. */
import { mendsText } from '@/words/screens/mends';
import { Txt } from '@/ui/controls/Txt';
import { firstStandOff } from '@/core/mends/added-line';
import { heightsOfFirst } from '@/core/mends/catalogue/first-line';
import { questionsAgain } from '@/core/mends/readings-again';
import type { Mend, Target } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import type { Soil } from '@/core/tables/soils';
import type { AttributeId } from '@/core/attributes';
import { answerWords, questionWords } from '@/words/attributes';
import { capital, latchNames, meshNames, soilNames, unitIndex } from '@/words/names';
import type { MeshId } from '@/core/tables/meshes';
import type { LatchId } from '@/core/tables/latches';

export function MendTargets({ place, mend }: { readonly place: Place; readonly mend: Mend }) {
  return (
    <>
      {mend.kind === 'first-line' && (
        <Txt tone="ink2">
          {mendsText.wiresAt(place.units, heightsOfFirst(mend.stops), firstStandOff.value)}
        </Txt>
      )}
      {questionsAgain(place, mend).map(({ target, question }) => (
        <Txt key={question.id} tone="ink2">
          {capital(questionWords(question, place).short)}: {targetWords(place, target)}
        </Txt>
      ))}
    </>
  );
}

const structural: Readonly<Partial<Record<AttributeId, true>>> = {
  'top.kind': true,
  'opening.letGo': true,
  'opening.habit': true,
  'opening.byDay': true,
  'opening.shutBy': true,
  'strand.touching': true,
  'fence.back': true,
  'check.battery': true,
};

function targetWords(place: Place, { attribute, value }: Target): string {
  if ('atMost' in value) return mendsText.makeItOrLess(value.atMost, attribute, place.units);
  if ('atLeast' in value) return mendsText.makeItOrMore(value.atLeast, attribute, place.units);
  if ('near' in value) return mendsText.withinAFewFingers(value.near, attribute, place.units);
  if (attribute in structural) return `${answerWords(place, attribute, value.is)[0]}.`;
  if (value.is in soilNames) return `${soilNames[value.is as Soil][0]}.`;
  if (value.is === 'yes') return 'yes.';
  if (value.is in latchNames) return `${latchNames[value.is as LatchId]}.`;
  return `${meshNames[value.is as MeshId]?.[unitIndex(place)] ?? value.is}.`;
}
