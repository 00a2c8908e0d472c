/** Saves a table as CSV. What could not be saved is said where it was asked for. */
import { placeText } from '@/words/screens/place';
import { useState } from 'react';
import type { StyleProp, ViewStyle } from 'react-native';
import type { Table } from '@/core/formats/table';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { saveTable } from './save-table';

interface Props {
  readonly label: string;
  /** Of the file, without its ending. */
  readonly name: string;
  readonly table: () => Table;
  readonly style?: StyleProp<ViewStyle>;
}

export function TableButton({ label, name, table, style }: Props) {
  const [failed, setFailed] = useState(false);
  const save = () => {
    setFailed(false);
    saveTable(name, table()).catch(() => setFailed(true));
  };
  return (
    <>
      <Button look="plain" label={label} onPress={save} style={style} />
      {failed && <Notice>{placeText.theTableCouldNotBe}</Notice>}
    </>
  );
}
