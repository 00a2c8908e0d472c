/** What `npm run -s fence -- FILE --json` prints. Its schema stands in docs/format/fence.schema.json. */
import type { NextStep } from '../fence/find-leak';
import type { FenceView } from '../fence/fence-view';
import type { Place } from '../place/place';
import { fenceVersion, type FenceDocument } from './fence-document';

/** kV to the nearest 10 V, Ω and nights to a tenth: nobody knows more. */
const hundredths = (value: number): number => Math.round(value * 100) / 100;
const tenths = (value: number): number => Math.round(value * 10) / 10;

/** What `fence --json` prints of a line. Volts in kV, currents in A, nights as whole nights. */
export function fenceJson(
  { name }: Place,
  date: string,
  view: FenceView,
  next: NextStep | undefined,
): FenceDocument {
  const { stake, stakeRead, earthOhms, rodsMissing, nights, changeOn, lineCase, needed } = view;
  return {
    version: fenceVersion,
    place: name,
    date,
    ground: lineCase.ground,
    needed,
    bays: view.bays.map(({ bay, volts, reaching, isRead, touched }) => ({
      bay: bay.id,
      name: bay.name,
      volts: hundredths(volts),
      reaching: hundredths(reaching),
      share: volts > 0 ? hundredths(reaching / volts) : 0,
      isRead,
      touched: touched ?? null,
    })),
    stake: stake === undefined ? null : hundredths(stake),
    stakeRead: stakeRead ?? null,
    earthOhms: earthOhms === undefined ? null : tenths(earthOhms),
    rodsMissing: typeof rodsMissing === 'number' ? rodsMissing : null,
    nights:
      nights && Number.isFinite(nights.value)
        ? {
            value: tenths(nights.value),
            from: tenths(nights.band[0]),
            to: Number.isFinite(nights.band[1]) ? tenths(nights.band[1]) : null,
          }
        : null,
    changeOn: changeOn ?? null,
    first: view.first.kind,
    next: next ? nextJson(view, next) : null,
  };
}

function nextJson({ path }: FenceView, step: NextStep): NonNullable<FenceDocument['next']> {
  const idAt = (index: number): string => path.bays[index]?.bay.id ?? '';
  if (step.kind === 'found') {
    return {
      found: idAt(step.bay),
      ...(step.brokenInto !== undefined && { broken: true as const }),
      ...(step.poorInto !== undefined && { poor: true as const }),
    };
  }
  if (step.kind === 'look') return { look: step.bays.map(idAt) };
  const { test } = step;
  return {
    test:
      test.kind === 'read'
        ? { kind: 'read', bay: idAt(test.at) }
        : { kind: 'open', before: idAt(test.into) },
  };
}
