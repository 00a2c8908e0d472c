/** Doors, lids, vents and holes: where they are, how they stand by habit, what keeps them shut. */
import { bayText } from '@/words/screens/bay';
import type { NamedChangeKind } from '@/core/records/change-made';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  addLatch,
  addOpening,
  changeOpening,
  dropLatch,
  dropOpening,
} from '@/core/place/edit/openings';
import type { Opening, OpeningKind } from '@/core/place/place';
import { byDays, doorMoves, habits, letGos, openingKinds } from '@/core/place/bay';
import { shutBys } from '@/core/tables/shutting';
import { movesOf, swings } from '@/core/place/opening-moves';
import { hingeStates, type HingeState } from '@/core/tables/hinges';
import { latchIds, type LatchId } from '@/core/tables/latches';
import { meshIds, type MeshId } from '@/core/tables/meshes';
import { LengthField } from '@/features/edit/LengthField';
import { TextField } from '@/features/edit/TextField';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Choice } from '@/ui/controls/Choice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import {
  byDayNames,
  doorMovesNames,
  habitNames,
  hingeNames,
  letGoNames,
  openingNames,
  shutByNames,
} from '@/words/edit-words';
import { capital, latchNames, meshNames, motionWords, unitIndex } from '@/words/names';
import { AlikeDoors } from './AlikeDoors';
import { chosen, saidChoice, type BayParts } from './bay-edit';

export function OpeningsPart(parts: BayParts) {
  const { found, change } = parts;
  const [adding, setAdding] = useState(false);
  const add = (kind: OpeningKind) => {
    setAdding(false);
    change({ kind: 'adding', of: openingNames[kind] }, (bay) =>
      addOpening(bay, kind, openingNames[kind], newId),
    );
  };
  return (
    <Part title={bayText.openings}>
      {found.openings.length === 0 && <Txt tone="ink2">{bayText.noneInThisBay}</Txt>}
      {found.openings.map((opening) => (
        <OpeningBlock key={opening.id} {...parts} opening={opening} />
      ))}
      <Button
        look="plain"
        label={adding ? bayText.noNone : bayText.thereIsOneMore}
        onPress={() => setAdding(!adding)}
      />
      {adding && (
        <Chips
          options={openingKinds.map((kind) => [kind, openingNames[kind]] as const)}
          value={undefined}
          onChoose={add}
        />
      )}
    </Part>
  );
}

/** What nobody opens or shuts has no habit. */
const fixed: ReadonlySet<OpeningKind> = new Set(['vent', 'window', 'hole', 'seam']);

function OpeningBlock(parts: BayParts & { readonly opening: Opening }) {
  const { bay, opening, change, edit, place } = parts;
  const [open, setOpen] = useState(false);
  const { units } = place;
  const set = (kind: NamedChangeKind, it: Partial<Opening>) =>
    change({ kind, of: opening.name }, (one) => changeOpening(one, opening.id, it));
  const size = (
    label: string,
    made: NamedChangeKind,
    key: 'at' | 'up' | 'width' | 'height',
    longest: number,
  ) => (
    <View style={styles.half}>
      <LengthField
        label={label}
        mm={opening[key]}
        units={units}
        longest={longest}
        onChange={({ mm }) => set(made, { [key]: mm })}
      />
    </View>
  );
  return (
    <View style={styles.opening}>
      <View style={styles.line}>
        <View style={styles.words}>
          <Txt kind="strong">{capital(opening.name)}</Txt>
          <Txt tone="ink2">
            {opening.kind === opening.name ? '' : `${capital(openingNames[opening.kind])}; `}
            {fixed.has(opening.kind) ? bayText.fixed : habitNames[opening.habit]}
          </Txt>
        </View>
        <Button
          look="key"
          label={open ? bayText.close : bayText.change}
          says={(open ? bayText.closeOpening : bayText.changeOpening)(opening.name)}
          onPress={() => setOpen(!open)}
          style={styles.change}
        />
      </View>
      {open && (
        <>
          <TextField
            label={bayText.itsName}
            text={opening.name}
            most={80}
            onChange={(name) => set('opening-name', { name })}
          />
          <View style={styles.row}>
            {size(bayText.width, 'opening-width', 'width', bay.width)}
            {size(bayText.height, 'opening-height', 'height', bay.height)}
          </View>
          <View style={styles.row}>
            {size(bayText.fromTheFirstPost, 'opening-from-the-first-post', 'at', bay.width)}
            {size(bayText.aboveTheGround, 'opening-above-the-ground', 'up', bay.height)}
          </View>
          {!fixed.has(opening.kind) && (
            <>
              <Choice
                label={bayText.atNight}
                options={habits.map((it) => [it, habitNames[it]] as const)}
                value={opening.habit}
                onChange={(habit) => set('opening-at-night', { habit })}
              />
              <Choice
                label={bayText.byDay}
                options={byDays.map((it) => [it, byDayNames[it]] as const)}
                value={opening.byDay ?? (opening.kind === 'pop-door' ? 'open' : 'shut')}
                onChange={(byDay) => set('opening-by-day', { byDay })}
              />
              <Choice
                label={bayText.shut}
                options={shutBys.map((it) => [it, shutByNames[it]] as const)}
                value={opening.shutBy}
                onChange={(shutBy) => set('opening-who-shuts-it', { shutBy })}
              />
              <Picker
                label={bayText.howItMoves}
                options={doorMoves.map((it) => [it, doorMovesNames[it]] as const)}
                value={movesOf(opening)}
                none={doorMovesNames.swings}
                onChange={(moves) => set('opening-moves', { moves })}
              />
              {swings(opening) && (
                <Choice
                  label={bayText.hinges}
                  options={hingeStates.map((it) => [it, hingeNames[it]] as const)}
                  value={chosen<HingeState>(opening.hinges)}
                  onChange={(it) =>
                    edit.say('hinges', saidChoice(opening.id, 'opening.hinges', it))
                  }
                />
              )}
              <Picker
                label={bayText.letGoIt}
                options={letGos.map((it) => [it, letGoNames[it]] as const)}
                value={opening.letGo ?? 'stays'}
                none={letGoNames.stays}
                onChange={(letGo) => set('opening-let-go', { letGo })}
              />
              <Latches {...parts} />
            </>
          )}
          {opening.cover?.map((layer) => (
            <Picker
              key={layer.id}
              label={bayText.meshOrBoardInIt}
              options={[...meshIds, 'none' as const].map(
                (it) => [it, meshNames[it][unitIndex(place)]] as const,
              )}
              value={chosen<MeshId | 'none'>(layer.mesh)}
              none={bayText.notLookedAt}
              onChange={(it) => edit.say('what-is-in-it', saidChoice(layer.id, 'layer.mesh', it))}
            />
          ))}
          <AlikeDoors {...parts} />
          <Button
            look="warn"
            label={bayText.thereIsNoTakeIt(opening.name)}
            onPress={() =>
              change({ kind: 'taking-away', of: opening.name }, (one) =>
                dropOpening(one, opening.id),
              )
            }
          />
        </>
      )}
    </View>
  );
}

function Latches({ opening, change, edit }: BayParts & { readonly opening: Opening }) {
  return (
    <>
      {opening.latches.map((latch, index) => (
        <View key={latch.id} style={styles.row}>
          <View style={styles.words}>
            <Picker
              label={opening.latches.length > 1 ? `Latch ${index + 1}` : bayText.latch}
              options={[...latchIds, 'none' as const].map(
                (it) => [it, `${latchNames[it]}: ${motionWords(it)}`] as const,
              )}
              value={chosen<LatchId | 'none'>(latch.kind)}
              none={bayText.notLookedAt}
              onChange={(it) => edit.say('latch', saidChoice(latch.id, 'latch.kind', it))}
            />
          </View>
          <Button
            look="key"
            label="–"
            says={bayText.takeLatchOfAway(index + 1, opening.name)}
            style={styles.less}
            onPress={() => change('taking-a-latch-away', (bay) => dropLatch(bay, latch.id))}
          />
        </View>
      ))}
      <Button
        look="key"
        label={bayText.oneMoreLatch}
        onPress={() => change('a-latch', (bay) => addLatch(bay, opening.id, newId))}
      />
    </>
  );
}

const styles = StyleSheet.create({
  opening: {
    gap: space.m,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    paddingTop: space.m,
  },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  words: { flex: 1, minWidth: 0 },
  change: { minWidth: 88 },
  less: { minWidth: 52 },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
