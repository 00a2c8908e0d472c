/** A place with some of its readings at their best or at their worst. */
import type { AttributeId } from '../attributes';
import { withLine } from '../fence/with-line';
import { groupedBy } from '../grouped-by';
import { answersBy, getOrMake } from '../memo';
import type { Bay, BayId, Face, ItemId, Place } from '../place/place';
import type { Possible } from '../place/possible';
import { isReadTogether, readTogether } from '../records/read-together';
import { setAttributes, setBayAttributes, type Values } from '../records/set-attribute';
import { questionId, type Question } from '../walk/questions';
import { endsOf } from './ends';

/** All at their best, or at their worst. */
export type End = 'best' | 'worst';

/** The place with these readings at one of their ends. Asked again, its walls are the same objects, so that their judgement can be kept. */
export function withAt(place: Place, questions: readonly Question[], end: End): Place {
  const byBay = groupedBy(
    questions.flatMap((it) => atAllWalls(place, it)),
    ({ bay }) => bay,
  );
  const faces = place.faces.map((face) => faceAt(face, byBay, end));
  const fence = setAttributes({ ...place, faces: [] }, valuesAt(questions, end)).fence;
  return withLine({ ...place, faces, ...(fence && { fence }) });
}

/** Asked at one wall, and read for all that it speaks for. */
function atAllWalls(place: Place, question: Question): Question[] {
  const { item, attribute } = question;
  if (!isReadTogether(attribute)) return [question];
  return readTogether(place, item, attribute).map((it) =>
    it === item ? question : { ...question, id: questionId(it, attribute), item: it, bay: it },
  );
}

const facesAt = answersBy<Face, Map<string, Face>>();
const baysAt = answersBy<Bay, Map<string, Bay>>();

function faceAt(
  face: Face,
  byBay: ReadonlyMap<BayId | undefined, readonly Question[]>,
  end: End,
): Face {
  const asked = face.bays.flatMap(({ id }) => byBay.get(id) ?? []);
  if (asked.length === 0) return face;
  return getOrMake(
    getOrMake(facesAt, face, () => new Map<string, Face>()),
    keyOf(asked, end),
    () => ({ ...face, bays: face.bays.map((bay) => bayAt(bay, byBay.get(bay.id) ?? [], end)) }),
  );
}

function bayAt(bay: Bay, asked: readonly Question[], end: End): Bay {
  if (asked.length === 0) return bay;
  return getOrMake(
    getOrMake(baysAt, bay, () => new Map<string, Bay>()),
    keyOf(asked, end),
    () => setBayAttributes(bay, valuesAt(asked, end)),
  );
}

const keyOf = (asked: readonly Question[], end: End): string =>
  [end, ...asked.map(({ id }) => id)].join(' ');

function valuesAt(questions: readonly Question[], end: End): Values {
  const values = new Map<ItemId, Map<AttributeId, Possible>>();
  for (const { item, attribute } of questions) {
    const value = endsOf(attribute)?.[end];
    if (!value) continue;
    const own = values.get(item) ?? new Map<AttributeId, Possible>();
    values.set(item, own.set(attribute, value));
  }
  return values;
}
