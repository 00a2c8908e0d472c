/** What the wall stands on, what lies below or beyond it. */
import { bayText } from '@/words/screens/bay';
import { wireFloor } from '@/core/attributes/wire-floor';
import type { ChangeMade } from '@/core/records/change-made';
import { setStanding, setTimber, standingOf, standings } from '@/core/place/edit/ground';
import { soils, type Soil } from '@/core/tables/soils';
import { timberStates, type TimberState } from '@/core/tables/timber';
import { meshIds, type MeshId } from '@/core/tables/meshes';
import { LengthField } from '@/features/edit/LengthField';
import { Choice } from '@/ui/controls/Choice';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { answerWords } from '@/words/attributes';
import { standingNames } from '@/words/edit-words';
import { meshNames, soilNames, timberNames, unitIndex } from '@/words/names';
import { chosen, lengthOf, saidChoice, saidLength, type BayParts } from './bay-edit';

const deepest = 2000;
const widestGap = 1000;

export function GroundPart({ place, bay, found, edit, change }: BayParts) {
  const { units } = place;
  const { ground } = found;
  const standing = standingOf(found);
  const skirt = ground?.skirt;
  const covers = [...meshIds, 'none' as const].map(
    (it) => [it, meshNames[it][unitIndex(place)]] as const,
  );
  // Called as the walk calls them, and in its order.
  const floors = wireFloor.choices.map(
    (it) => [it, answerWords(place, 'ground.floor', it)[0]] as const,
  );
  const field = (
    label: string,
    made: ChangeMade,
    attribute: Parameters<typeof saidLength>[1],
    value: Parameters<typeof lengthOf>[0],
    longest: number,
  ) => (
    <LengthField
      label={label}
      {...lengthOf(value)}
      units={units}
      longest={longest}
      onChange={(it) => edit.say(made, saidLength(bay.id, attribute, it))}
    />
  );
  return (
    <Part title={bayText.groundLine}>
      <Choice
        label={bayText.itStandsOn}
        options={standings.map((it) => [it, standingNames[it]] as const)}
        value={standing}
        onChange={(it) => change('what-it-stands-on', (one) => setStanding(one, it))}
      />
      {standing !== 'floor' && (
        <>
          <Picker
            label={bayText.soil}
            options={soils.map((it) => [it, soilNames[it][0]] as const)}
            value={chosen<Soil>(ground?.soil)}
            none={bayText.notLookedAt}
            onChange={(it) => edit.say('soil', saidChoice(bay.id, 'ground.soil', it))}
          />
          <Choice
            label={bayText.timberAlongTheGround}
            options={[
              ['yes', bayText.itStandsOnTimber],
              ['no', bayText.noTimber],
            ]}
            value={bay.ground?.timber ? 'yes' : 'no'}
            onChange={(it) => change('timber', (one) => setTimber(one, it === 'yes'))}
          />
          {bay.ground?.timber && (
            <Picker
              label={bayText.aScrewdriverFindsIt}
              options={timberStates.map((it) => [it, timberNames[it][0]] as const)}
              value={chosen<TimberState>(ground?.timber)}
              none={bayText.notLookedAt}
              onChange={(it) => edit.say('timber', saidChoice(bay.id, 'ground.timber', it))}
            />
          )}
          {field(
            bayText.gapUnderTheSill,
            'gap-under-the-sill',
            'ground.gap',
            ground?.gap,
            widestGap,
          )}
          <Picker
            label={bayText.skirtMeshBelowOrBeyond}
            options={covers}
            value={chosen<MeshId | 'none'>(skirt?.mesh)}
            none={bayText.notLookedAt}
            onChange={(it) => edit.say('skirt', saidChoice(bay.id, 'skirt.mesh', it))}
          />
          {chosen(skirt?.mesh) !== 'none' && (
            <>
              {field(bayText.dugInDepth, 'skirt-depth', 'skirt.depth', skirt?.depth, deepest)}
              {field(
                bayText.laidOutFlatWidth,
                'skirt-width',
                'skirt.outward',
                skirt?.outward,
                deepest,
              )}
              <Choice
                label={bayText.itsInnerEdgeTiedTo}
                options={[
                  ['yes', bayText.allAlong],
                  ['no', bayText.looseOrNotAtAll],
                ]}
                value={chosen<'yes' | 'no'>(skirt?.tied)}
                onChange={(it) => edit.say('how-it-is-tied', saidChoice(bay.id, 'skirt.tied', it))}
              />
              <Notice tone="hours">{bayText.beforeYouDigBuriedCables}</Notice>
            </>
          )}
        </>
      )}
      {ground && (
        <Picker
          label={bayText.floorMeshRightAcrossJoined}
          options={floors}
          value={chosen<MeshId | 'none'>(ground.floor)}
          none={bayText.notLookedAt}
          onChange={(it) => edit.say('floor', saidChoice(bay.id, 'ground.floor', it))}
        />
      )}
    </Part>
  );
}
