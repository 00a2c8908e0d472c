/** Weather that asks for something: said in a tap, on the day. */
import { StyleSheet, View } from 'react-native';
import { weatherKinds } from '@/core/records/weather';
import type { Edit } from '@/features/edit/use-edit';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { dueText } from '@/words/screens/due';

interface Props {
  readonly today: string;
  readonly edit: Edit;
}

export function WeatherPart({ today, edit }: Props) {
  const { logEntry } = useChanges();
  return (
    <Part title={dueText.weather}>
      <Txt tone="ink2">{dueText.weatherWhy}</Txt>
      <View style={styles.row}>
        {weatherKinds.map((weather) => (
          <Button
            key={weather}
            look="plain"
            style={styles.half}
            label={dueText.itHas(weather)}
            onPress={() =>
              void logEntry('entry-of-the-log', { date: today, what: 'weather', weather }).catch(
                (error: unknown) => edit.setTrouble(notSavedWords(error)),
              )
            }
          />
        ))}
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
