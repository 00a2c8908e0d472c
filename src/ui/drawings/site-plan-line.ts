/** A bay's wall as a line of the plan, with its doors; px. */
import type { Point } from '@/core/place/outline';
import type { BayId, Opening } from '@/core/place/place';

export interface SitePlanLine {
  readonly bay: BayId;
  readonly name: string;
  readonly between: readonly [string, string];
  readonly from: Point;
  readonly to: Point;
  readonly middle: Point;
  readonly length: number;
  /** Direction of the line on screen, degrees clockwise from right. */
  readonly angle: number;
  /** Unit vector away from the place. */
  readonly outward: Point;
  /** Mesh laid out flat from the wall, so wide, px; 0: none known. */
  readonly apron: number;
  /** Mesh dug in below the wall. */
  readonly buried: boolean;
  readonly hasStrand: boolean;
  readonly doors: readonly SitePlanDoor[];
}

export interface SitePlanDoor {
  readonly kind: Opening['kind'];
  readonly from: Point;
  readonly to: Point;
}
