/** A plain number within limits: taken over when the field is left. */
import { useState } from 'react';
import { Field } from '@/ui/controls/Field';

interface Props {
  readonly label: string;
  readonly value: number | undefined;
  readonly least: number;
  readonly most: number;
  /** Whole numbers only. */
  readonly whole?: boolean;
  /** Called with `undefined` where it was emptied. */
  readonly onChange: (value: number | undefined) => void;
}

export function NumberField({ label, value, least, most, whole = false, onChange }: Props) {
  const shown = value === undefined ? '' : String(value);
  const [typed, setTyped] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const take = () => {
    if (typed === undefined || typed.trim() === shown) return;
    const text = typed.trim().replace(',', '.');
    const number = Number(text);
    const fits = number >= least && number <= most && (!whole || Number.isInteger(number));
    if (text !== '' && !fits) {
      setTrouble(`${whole ? 'A whole number' : 'A number'} from ${least} to ${most}.`);
      return;
    }
    setTrouble(undefined);
    setTyped(undefined);
    onChange(text === '' ? undefined : number);
  };
  return (
    <Field
      label={label}
      value={typed ?? shown}
      onChange={setTyped}
      onDone={take}
      numeric
      trouble={trouble}
    />
  );
}
