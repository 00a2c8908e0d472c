/** What a line cannot be reckoned without: what feeds it, and its wire. All else is told, or left out, afterwards. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { feeds, type Feed } from '@/core/tables/energizers';
import { fenceWires, type FenceWire } from '@/core/tables/fence-wires';
import type { Edit } from '@/features/edit/use-edit';
import { useRouterHere } from '@/features/frame/use-router-here';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { space } from '@/ui/theme/tokens';
import { feedNames, fenceText, wireNames } from '@/words/screens/fence';

export function BeginDescribing({ edit }: { readonly edit: Edit }) {
  const router = useRouterHere();
  const [feed, setFeed] = useState<Feed>();
  const [wire, setWire] = useState<FenceWire>();
  const begin = (energizer: Feed, made: FenceWire) =>
    edit
      .change('the-line', (place) => ({
        ...place,
        fence: {
          ...(place.fence ?? { id: newId('fence'), on: 'always' }),
          line: { energizer: { feed: energizer }, wire: made, shape: 'open', back: 'ground' },
        },
      }))
      .then((done) => done && router.push('/fence/describe'));
  return (
    <View style={styles.box}>
      <Choice
        label={fenceText.whatFeedsIt}
        options={feeds.map((it) => [it, feedNames[it]] as const)}
        value={feed}
        onChange={setFeed}
      />
      <Choice
        label={fenceText.wireIs}
        options={fenceWires.map((it) => [it, wireNames[it]] as const)}
        value={wire}
        onChange={setWire}
      />
      {feed && wire && <Button label={fenceText.describe} onPress={() => begin(feed, wire)} />}
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: space.m } });
