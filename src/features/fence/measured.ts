/** A reading as it was typed here, in the attribute's unit. */
import { unitOf, type AttributeId } from '@/core/attributes';
import type { ItemId } from '@/core/place/place';
import type { Statement } from '@/store/use-changes';

export const measured = (item: ItemId, attribute: AttributeId, value: number): Statement => ({
  item,
  attribute,
  value: { is: value, entered: `${value} ${unitOf(attribute)}` },
});
