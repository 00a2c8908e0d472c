/** Earth and battery of the line: what is worked out, what was read, and the two tests. */
import type { BatteryTrend } from '@/core/fence/battery-trend';
import type { DescribedFence, FenceView } from '@/core/fence/fence-view';
import { isKnown } from '@/core/place/possible';
import type { WalkPurpose } from '@/core/records/walk';
import { grounds, type Ground } from '@/core/tables/fence-ground';
import { NumberField } from '@/features/edit/NumberField';
import type { Edit } from '@/features/edit/use-edit';
import { Choice } from '@/ui/controls/Choice';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { groundNames } from '@/words/names';
import { fenceText } from '@/words/screens/fence';
import { measured } from './measured';

interface Props {
  readonly view: FenceView;
  readonly fence: DescribedFence;
  readonly edit: Edit;
}

interface BatteryProps extends Props {
  /** By its readings, once there are enough of them. */
  readonly trend: BatteryTrend | undefined;
}

interface EarthProps extends Props {
  /** What was last read on the stake, kV. */
  readonly stakeRead: number | undefined;
}

export function EarthPart({ view, fence, edit, stakeRead }: EarthProps) {
  const ofNow = isKnown<number>(fence.stake) ? fence.stake.is : undefined;
  const isOfOtherRods = stakeRead !== undefined && ofNow !== undefined && ofNow !== stakeRead;
  const { stake, earthOhms, rodsMissing } = view;
  return (
    <Part title={fenceText.earth}>
      {rodsMissing !== undefined && (
        <Txt kind="strong">{fenceText.rodsMissing(rodsMissing, view.stakeRead)}</Txt>
      )}
      {stake !== undefined && earthOhms !== undefined && (
        <Txt tone="ink2">{fenceText.stakeNow(stake, earthOhms)}</Txt>
      )}
      <Choice
        label={fenceText.groundToday}
        options={grounds.map((it) => [it, groundNames[it][0]] as const)}
        value={isKnown<Ground>(fence.ground) ? fence.ground.is : undefined}
        onChange={(it) =>
          edit.say(
            'ground-today',
            { item: fence.id, attribute: 'fence.ground', value: { is: it } },
            'looked',
          )
        }
      />
      <Txt kind="small" tone="ink2">
        {fenceText.groundTodayWhy}
      </Txt>
      <Txt tone="ink2">{fenceText.earthTest}</Txt>
      <NumberField
        label={fenceText.stakeRead}
        value={stakeRead ?? ofNow}
        least={0}
        most={15}
        onChange={(volts) =>
          volts !== undefined &&
          edit.say('volts-on-the-line', measured(fence.id, 'check.earth', volts), 'measured')
        }
      />
      {isOfOtherRods && <Txt tone="ink2">{fenceText.stakeOfRods(ofNow)}</Txt>}
      <TestLink purpose="earth" name={fenceText.testTheEarth} />
    </Part>
  );
}

/** Nothing where it runs from the mains. */
export function BatteryPart({ view, fence, edit, trend }: BatteryProps) {
  const { feed, battery } = fence.line.energizer;
  if (feed === 'mains') return null;
  return (
    <Part title={fenceText.battery}>
      <Txt kind="strong">{fenceText.batteryLeft(view)}</Txt>
      {view.nightsInFrost && <Txt tone="ink2">{fenceText.batteryInFrost(view.nightsInFrost)}</Txt>}
      {trend && <Txt tone="ink2">{fenceText.batteryTrend(trend)}</Txt>}
      {battery && (
        <NumberField
          label={fenceText.rest}
          value={isKnown<number>(fence.rest) ? fence.rest.is : undefined}
          least={0}
          most={16}
          onChange={(volts) =>
            volts !== undefined &&
            edit.say('volts-on-the-line', measured(fence.id, 'check.restVolts', volts), 'measured')
          }
        />
      )}
      <Txt kind="small" tone="ink2">
        {fenceText.batteryLeavesOut}
      </Txt>
      {battery && <TestLink purpose="battery" name={fenceText.testTheBattery} />}
    </Part>
  );
}

/** The same as a short walk, a step at a time. */
function TestLink({ purpose, name }: { readonly purpose: WalkPurpose; readonly name: string }) {
  return (
    <LinkRow href={{ pathname: '/walk', params: { purpose } }} says={name}>
      <Txt kind="strong" tone="holds">
        {name}
      </Txt>
    </LinkRow>
  );
}
