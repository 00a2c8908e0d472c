/** What walks found that is to be seen to, tracked beside the mends: done when somebody says so, over when a reading finds it so. */
import { StyleSheet, View } from 'react-native';
import { DueRow } from '@/features/due/DueRow';
import { useDue } from '@/features/due/use-due';
import { useEdit } from '@/features/edit/use-edit';
import type { Place } from '@/core/place/place';
import type { Yard } from '@/store/records';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { mendsText } from '@/words/screens/mends';

interface Props {
  readonly yard: Yard;
  /** As found. */
  readonly place: Place;
}

export function JobsPart({ yard, place }: Props) {
  const edit = useEdit();
  const { now, later, today } = useDue(yard);
  const jobs = [...now, ...later].filter(({ of }) => of.kind === 'see-to');
  if (jobs.length === 0) return null;
  return (
    <View style={styles.group}>
      <Txt kind="heading" style={styles.heading}>
        {mendsText.toBeSeenTo}
      </Txt>
      {edit.trouble && <Notice>{edit.trouble}</Notice>}
      <View role="list">
        {jobs.map((it) => (
          <DueRow key={it.id} due={it} place={place} today={today} edit={edit} />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
});
