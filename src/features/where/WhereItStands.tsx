/** Which land, which part of it, and what stands round the place: these decide who is reckoned with to begin with. */
import { StyleSheet, View } from 'react-native';
import { landOf, lands, partsOf, type Region } from '@/core/tables/regions';
import { surroundings, type Surroundings } from '@/core/tables/surroundings';
import { Choice } from '@/ui/controls/Choice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { landNames, regionNames, surroundingsNames } from '@/words/names';
import { whereText } from '@/words/screens/where';

interface Props {
  readonly region: Region;
  readonly where: Surroundings | undefined;
  readonly onRegion: (region: Region) => void;
  readonly onWhere: (where: Surroundings) => void;
}

export function WhereItStands({ region, where, onRegion, onWhere }: Props) {
  const land = landOf[region];
  const parts = partsOf(land);
  return (
    <View style={styles.choices}>
      <Choice
        label={whereText.whereItIs}
        options={lands.map((it) => [it, landNames[it]] as const)}
        value={land}
        onChange={onRegion}
      />
      {parts.length > 0 && (
        <Choice<Region>
          label={whereText.whichPartOf(landNames[land])}
          options={parts.map((it) => [it, regionNames[it]] as const)}
          value={region === land ? undefined : region}
          onChange={onRegion}
        />
      )}
      <Choice
        label={whereText.whatStandsRoundIt}
        options={surroundings.map((it) => [it, surroundingsNames[it]] as const)}
        value={where}
        onChange={onWhere}
      />
      <Txt kind="small" tone="ink2">
        {whereText.soThatOnlyThoseAre}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({ choices: { gap: space.l } });
