/** Words of the keeper's own: taken over when the field is left. */
import { useState } from 'react';
import { Field } from '@/ui/controls/Field';

interface Props {
  readonly label: string;
  readonly text: string;
  readonly most: number;
  /** Whether it may be empty. */
  readonly optional?: boolean;
  readonly onChange: (text: string) => void;
}

export function TextField({ label, text, most, optional = false, onChange }: Props) {
  const [typed, setTyped] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const take = () => {
    const next = typed?.trim();
    if (next === undefined || next === text) return;
    if (next.length > most || (next === '' && !optional)) {
      setTrouble(
        next === '' ? 'It needs a name.' : `At most ${most} letters; this has ${next.length}.`,
      );
      return;
    }
    setTrouble(undefined);
    setTyped(undefined);
    onChange(next);
  };
  return (
    <Field
      label={label}
      value={typed ?? text}
      onChange={setTyped}
      onDone={take}
      trouble={trouble}
    />
  );
}
