/** Cover by height: what each band is made of, its layers from the outside in, and when they are on. */
import { bayText } from '@/words/screens/bay';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { coarsestMesh, wireLimits } from '@/core/attributes/limits';
import {
  addLayer,
  cutBand,
  dropBand,
  dropLayer,
  leastBand,
  moveBandTop,
  setProofed,
  setSeason,
} from '@/core/place/edit/cover';
import type { Band, Layer } from '@/core/place/place';
import type { Condition, Fixing } from '@/core/tables/fixings';
import { conditions, fixings } from '@/core/tables/fixings';
import { isOfItsWire, meshes, meshIds, type MeshId } from '@/core/tables/meshes';
import { LengthField } from '@/features/edit/LengthField';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { conditionNames, fixingNames, meshNames, unitIndex } from '@/words/names';
import { chosen, lengthOf, saidChoice, saidLength, type BayParts } from './bay-edit';
import { SeasonFields } from '@/features/edit/SeasonFields';

const isSolid = (mesh: MeshId | 'none' | undefined): boolean =>
  mesh !== undefined && mesh !== 'none' && meshes[mesh].kind === 'solid';

/** No kind is said, or one whose strength goes by its wire. */
const hasWire = (mesh: MeshId | 'none' | undefined): boolean =>
  mesh === undefined || (mesh !== 'none' && isOfItsWire(meshes[mesh]));

export function CoverPart(parts: BayParts & { readonly isWall: boolean }) {
  const { found, edit, bay, isWall } = parts;
  return (
    <Part title={bayText.cover}>
      {[...found.bands].reverse().map((band) => (
        <BandBlock key={band.id} {...parts} band={band} />
      ))}
      {isWall && bay.bands.length > 0 && (
        <Button look="plain" label={bayText.anotherMeshFromSomeHeight} onPress={() => cut(parts)} />
      )}
      <Picker
        label={bayText.fixedOnWith}
        options={fixings.map((it) => [it, fixingNames[it][0]] as const)}
        value={chosen<Fixing>(found.fixing)}
        none={bayText.notLookedAt}
        onChange={(it) => edit.say('fixing', saidChoice(bay.id, 'bay.fixing', it))}
      />
      <Picker
        label={bayText.itsState}
        options={conditions.map((it) => [it, conditionNames[it][0]] as const)}
        value={chosen<Condition>(found.condition)}
        none={bayText.notLookedAt}
        onChange={(it) => edit.say('state', saidChoice(bay.id, 'bay.condition', it))}
      />
      <Choice
        label={bayText.againstWeather}
        options={[
          ['no', bayText.notProofed],
          ['yes', bayText.proofed],
        ]}
        value={bay.proofed ? 'yes' : 'no'}
        onChange={(it) => parts.change('against-weather', (own) => setProofed(own, it === 'yes'))}
      />
    </Part>
  );
}

/** Halfway up the highest band: the keeper sets it right from there. */
function cut({ bay, change, edit }: BayParts) {
  const widest = [...bay.bands].sort((a, b) => b.to - b.from - (a.to - a.from))[0];
  if (!widest || widest.to - widest.from < 2 * leastBand) {
    edit.setTrouble(bayText.thereIsNoRoomFor);
    return;
  }
  const at = Math.round((widest.from + widest.to) / 2);
  change('another-band', (it) => cutBand(it, at, newId) ?? it);
}

function BandBlock(parts: BayParts & { readonly band: Band; readonly isWall: boolean }) {
  const { place, bay, band, change, edit, isWall } = parts;
  const isTopmost = bay.bands.at(-1)?.id === band.id;
  const { units } = place;
  return (
    <View style={styles.band}>
      {isWall && (
        <Txt kind="sub">
          {bayText.toAboveTheGround(Math.round(band.from), units, Math.round(band.to))}
        </Txt>
      )}
      {band.layers.map((layer, index) => (
        <LayerBlock key={layer.id} {...parts} layer={layer} index={index} />
      ))}
      {isWall && !isTopmost && (
        <LengthField
          label={bayText.itReachesUpTo}
          mm={band.to}
          units={units}
          longest={bay.height}
          onChange={({ mm }) => {
            const moved = moveBandTop(bay, band.id, mm);
            if (moved === bay) edit.setTrouble(bayText.aBandMustEndBetween);
            else change('height-of-the-mesh', (it) => moveBandTop(it, band.id, mm));
          }}
        />
      )}
      <View style={styles.row}>
        <Button
          look="key"
          label={bayText.oneMoreLayerInside}
          onPress={() => change('layer', (it) => addLayer(it, band.id, newId))}
          style={styles.half}
        />
        {bay.bands.length > 1 && (
          <Button
            look="key"
            label={bayText.takeThisBandAway}
            onPress={() => change('taking-a-band-away', (it) => dropBand(it, band.id))}
            style={styles.half}
          />
        )}
      </View>
    </View>
  );
}

interface LayerProps extends BayParts {
  readonly band: Band;
  readonly layer: Layer;
  readonly index: number;
}

function LayerBlock(parts: LayerProps) {
  const { place, band, layer, index, edit, change } = parts;
  const [more, setMore] = useState(false);
  const several = band.layers.length > 1;
  const name = several
    ? index === 0
      ? bayText.outerLayer
      : bayText.layerInside(index + 1)
    : bayText.madeOf;
  const label = `${name}${bandWords(parts)}`;
  return (
    <View style={styles.layer}>
      <Picker
        label={label}
        options={[...meshIds, 'none' as const].map(
          (it) => [it, meshNames[it][unitIndex(place)]] as const,
        )}
        value={chosen<MeshId | 'none'>(layer.mesh)}
        none={bayText.notLookedAt}
        onChange={(it) => edit.say('mesh', saidChoice(layer.id, 'layer.mesh', it))}
      />
      <View style={styles.row}>
        <Button
          look="key"
          label={more ? bayText.lessOfIt : bayText.openingWireSeason}
          says={(more ? bayText.lessOf : bayText.moreOf)(label)}
          onPress={() => setMore(!more)}
          style={styles.half}
        />
        {several && (
          <Button
            look="key"
            label={bayText.takeItOff}
            says={bayText.takeOff(label)}
            onPress={() => change('taking-a-layer-off', (bay) => dropLayer(bay, layer.id))}
            style={styles.half}
          />
        )}
      </View>
      {more && <LayerFields {...parts} />}
    </View>
  );
}

/** ", up to 600 mm" and ", from 600 mm up", where there is more than one band. */
function bandWords({ bay, band, place }: LayerProps): string {
  if (bay.bands.length < 2) return '';
  return band.from === (bay.base ?? 0)
    ? bayText.upTo(Math.round(band.to), place.units)
    : bayText.fromUp(Math.round(band.from), place.units);
}

function LayerFields({ place: { units }, layer, edit, change }: LayerProps) {
  const mesh = chosen<MeshId | 'none'>(layer.mesh);
  return (
    <>
      {!isSolid(mesh) && (
        <>
          <LengthField
            label={bayText.clearOpeningWhereMeasured}
            {...lengthOf(layer.clear)}
            units={units}
            longest={coarsestMesh}
            onChange={(it) => edit.say('clear-opening', saidLength(layer.id, 'layer.clear', it))}
          />
          {hasWire(mesh) && (
            <LengthField
              label={bayText.wireThicknessWhereMeasured}
              {...lengthOf(layer.wire)}
              units={units}
              longest={wireLimits[1]}
              onChange={(it) => edit.say('wire', saidLength(layer.id, 'layer.wire', it))}
            />
          )}
        </>
      )}
      <SeasonFields
        on={layer.on}
        onChange={(work) => change('season', (bay) => setSeason(bay, layer.id, work))}
      />
    </>
  );
}

const styles = StyleSheet.create({
  band: {
    gap: space.m,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    paddingTop: space.m,
  },
  layer: { gap: space.m },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
