/** Who shut up, and when: both said already where nothing is touched. */
import { useState } from 'react';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import { namesOf } from '@/core/nights/missed-chance';
import { TextField } from '@/features/edit/TextField';
import { Chips } from '@/ui/controls/Chips';
import { shutText } from '@/words/screens/shut';
import { Line } from './Line';

interface WhoProps {
  readonly place: Place;
  readonly log: readonly LogEntry[];
  /** Empty: whoever does as a rule, where nobody said a name. */
  readonly by: string;
  readonly onChange: (by: string) => void;
}

export function WhoLine({ place, log, by, onChange }: WhoProps) {
  const [isOpen, setOpen] = useState(false);
  const [isOther, setOther] = useState(false);
  const names = namesOf(place, log);
  const all = by === '' || names.includes(by) ? names : [...names, by];
  return (
    <Line
      name={shutText.whoDidIt}
      how={by || shutText.keeper}
      tone="ink2"
      isOpen={isOpen}
      onToggle={() => setOpen(!isOpen)}
    >
      <Chips
        options={[
          ...all.map((it) => [it, it || shutText.keeper] as const),
          [other, shutText.somebodyElse] as const,
        ]}
        value={isOther ? other : by}
        onChoose={(it) => {
          setOther(it === other);
          if (it === other) return;
          setOpen(false);
          onChange(it);
        }}
      />
      {isOther && (
        <TextField
          label={shutText.theirName}
          text=""
          most={80}
          optional
          onChange={(name) => {
            setOther(false);
            setOpen(false);
            onChange(name.trim());
          }}
        />
      )}
    </Line>
  );
}

/** No name of anybody. */
const other = '\u0000';

interface WhenProps {
  readonly minutesAgo: number;
  readonly onChange: (minutes: number) => void;
}

export function WhenLine({ minutesAgo, onChange }: WhenProps) {
  const [isOpen, setOpen] = useState(false);
  const name = (minutes: number): string =>
    minutes === 0 ? shutText.justNow : shutText.ago(minutes);
  return (
    <Line
      name={shutText.whenShut}
      how={name(minutesAgo)}
      tone="ink2"
      isOpen={isOpen}
      onToggle={() => setOpen(!isOpen)}
    >
      <Chips
        options={[0, 15, 30, 60, 120].map((it) => [String(it), name(it)] as const)}
        value={String(minutesAgo)}
        onChoose={(it) => {
          setOpen(false);
          onChange(Number(it));
        }}
      />
    </Line>
  );
}
