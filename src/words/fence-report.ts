/** The electric line as plain text, for the command line. */
import type { FenceView } from '@/core/fence/fence-view';
import type { NextStep } from '@/core/fence/find-leak';
import type { Place } from '@/core/place/place';
import { batteryWords, firstWords, kv, rodsWords, testWords } from './fence-words';
import { groundNames, touchingNames } from './names';

export function fenceReport(place: Place, view: FenceView, next: NextStep | undefined): string {
  const [answer, why] = firstWords(place, view.first);
  const battery = batteryWords(view);
  return [
    `${answer}. ${why}`,
    `Ground ${groundNames[view.lineCase.ground][0]}; what lives here is turned back from ${kv(view.needed)} on.`,
    ...view.bays.map(({ bay, volts, reaching, isRead, touched }) =>
      [
        `  ${bay.name}: ${kv(volts)} ${isRead ? 'read' : 'worked out'}, ${kv(reaching)} reaches an animal`,
        ...(touched && touched !== 'nothing' ? [`; ${touchingNames[touched][0]}`] : []),
      ].join(''),
    ),
    ...(view.stake === undefined ? [] : [`Stake while it runs: ${kv(view.stake)} (worked out).`]),
    view.stakeRead === undefined && view.rodsMissing !== undefined
      ? `Earth rods missing by plate and ground: ${rodsWords(view.rodsMissing)}; the stake has not been read.`
      : `Earth rods missing: ${rodsWords(view.rodsMissing)}.`,
    ...(battery ? [`Battery: ${battery}.`] : []),
    ...(next ? [`Next test: ${testWords(place, view, next)}`] : []),
    'Worked out by figures that are partly assumptions of ours; a tester decides.',
  ].join('\n');
}
