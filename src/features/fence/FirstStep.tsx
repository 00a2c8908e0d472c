/** Before there is a line to show: where it runs, then how it is made. */
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { isStrung } from '@/core/place/strand-there';
import { UndoBar } from '@/features/edit/UndoBar';
import type { Edit } from '@/features/edit/use-edit';
import { StringLinePart } from '@/features/routine/StringLinePart';
import type { Yard } from '@/store/records';
import { BackLink } from '@/ui/controls/BackLink';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { fenceText } from '@/words/screens/fence';
import { kitText } from '@/words/screens/kit';
import { BeginDescribing } from './BeginDescribing';
import { KitPart } from './KitPart';

interface Props {
  readonly place: Place;
  readonly mends: Yard['mends'];
  readonly edit: Edit;
}

export function FirstStep({ place, mends, edit }: Props) {
  const strung = isStrung(place);
  return (
    <Columns
      names={[fenceText.fence, kitText.name]}
      head={
        <View style={styles.head}>
          <BackLink href="/" name={fenceText.yard} />
          <Txt kind="title">{strung ? fenceText.notDescribed : fenceText.noLine}</Txt>
          <Txt tone="ink2">{strung ? fenceText.notDescribedWhy : fenceText.noLineWhy}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <UndoBar placeId={place.id} />
          {strung ? <BeginDescribing edit={edit} /> : <StringLinePart place={place} edit={edit} />}
          <Notice tone="hours">{fenceText.onlyFromAListedEnergizer}</Notice>
        </View>
      }
      left={null}
      right={strung ? null : <KitPart place={place} mends={mends} />}
    />
  );
}

const styles = StyleSheet.create({ head: { padding: space.l, gap: space.m } });
