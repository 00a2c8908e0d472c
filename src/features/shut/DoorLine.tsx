/** A door of the evening: shut as it should be, or how it is. */
import { useState } from 'react';
import type { Opening, Place } from '@/core/place/place';
import { doorStates, type DoorState } from '@/core/records/evening';
import { Chips } from '@/ui/controls/Chips';
import { capital } from '@/words/names';
import { doorStateNames } from '@/words/night-words';
import { shutText } from '@/words/screens/shut';
import { Line } from './Line';

interface Props {
  readonly place: Place;
  readonly door: Opening;
  readonly was: DoorState | undefined;
  readonly onSay: (was: DoorState) => void;
}

export function DoorLine({ door, was, onSay }: Props) {
  const [isOpen, setOpen] = useState(false);
  // Only what shuts by itself shuts a bird out without anybody seeing it.
  const states = doorStates.filter((it) => it !== 'bird-out' || door.shutBy === 'light');
  const how = was === undefined ? shutText.shouldBeShut : doorStateNames[was][1];
  return (
    <Line
      name={capital(door.name)}
      how={how}
      tone={was === undefined ? 'ink2' : was === 'shut' ? 'holds' : 'open'}
      isOpen={isOpen}
      onToggle={() => setOpen(!isOpen)}
    >
      <Chips
        options={states.map((it) => [it, doorStateNames[it][0]] as const)}
        value={was}
        onChoose={(it) => {
          setOpen(false);
          onSay(it);
        }}
      />
    </Line>
  );
}
