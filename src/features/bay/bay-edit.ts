/** What every part of a bay's page needs. */
import type { ChangeMade } from '@/core/records/change-made';
import type { AttributeId } from '@/core/attributes';
import type { Bay, ItemId, Place } from '@/core/place/place';
import { isKnown, type Possible } from '@/core/place/possible';
import type { EnteredLength } from '@/core/walk/length-entry';
import type { Edit } from '../edit/use-edit';

export interface BayParts {
  readonly place: Place;
  /** As it is described: what is changed. */
  readonly bay: Bay;
  /** With what was read laid over it: what is shown. */
  readonly found: Bay;
  readonly edit: Edit;
  readonly change: (made: ChangeMade, work: (bay: Bay) => Bay) => void;
}

/** A choice that is known, or none. */
export const chosen = <T extends string>(possible: Possible | undefined): T | undefined =>
  isKnown<T>(possible) ? possible.is : undefined;

/** A length that is known, with what was typed. */
export const lengthOf = (
  possible: Possible | undefined,
): { readonly mm: number | undefined; readonly entered: string | undefined } =>
  isKnown<number>(possible)
    ? { mm: possible.is, entered: possible.entered }
    : { mm: undefined, entered: undefined };

export const saidChoice = (item: ItemId, attribute: AttributeId, value: string) => ({
  item,
  attribute,
  value: { is: value },
});

export const saidLength = (
  item: ItemId,
  attribute: AttributeId,
  { mm, entered }: EnteredLength,
) => ({ item, attribute, value: { is: mm, entered } });
