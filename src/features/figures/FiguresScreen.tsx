/** The reference: every table, searchable; what each figure is used for, its source and its mark. */
import { figuresText } from '@/words/screens/figures';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { BackLink } from '@/ui/controls/BackLink';
import { Chips } from '@/ui/controls/Chips';
import { Field } from '@/ui/controls/Field';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { foundEntries } from './entries';
import { entryKindNames, entryKinds, type Entry, type EntryKind } from './entry';

export function FiguresScreen() {
  const { find } = useLocalSearchParams<{ find?: string }>();
  const [text, setText] = useState(find ?? '');
  const [kind, setKind] = useState<EntryKind>('animals');
  const found = foundEntries(text, kind);
  const searching = text.trim() !== '';
  return (
    <Screen>
      <View style={styles.head}>
        <BackLink href="/place" name={figuresText.place} />
        <Txt kind="title">{figuresText.figures}</Txt>
        <Txt tone="ink2">{figuresText.eachWithItsSourceAnd}</Txt>
        <Field label={figuresText.lookFor} value={text} onChange={setText} />
        {!searching && (
          <Chips
            options={entryKinds.map((it) => [it, entryKindNames[it][0]] as const)}
            value={kind}
            onChoose={setKind}
          />
        )}
        <Txt tone="ink2" live>
          {searching ? figuresText.found(found.length) : entryKindNames[kind][1]}
        </Txt>
      </View>
      <View style={styles.list}>
        {found.map((entry) => (
          <EntryRow
            key={`${entry.kind} ${entry.id}`}
            entry={entry}
            startsOpen={searching && found.length <= 2}
            says={searching}
          />
        ))}
        <LinkRow href="/how" says={figuresText.howItIsJudged}>
          <Txt kind="strong" tone="holds">
            {figuresText.howItIsJudged}
          </Txt>
        </LinkRow>
      </View>
    </Screen>
  );
}

interface RowProps {
  readonly entry: Entry;
  readonly startsOpen: boolean;
  /** What it is used for is said beside it, where entries of several kinds stand together. */
  readonly says: boolean;
}

function EntryRow({ entry, startsOpen, says }: RowProps) {
  const [pressed, setPressed] = useState<boolean>();
  const open = pressed ?? startsOpen;
  return (
    <View style={styles.entry}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setPressed(!open)}
        style={styles.name}
      >
        <Txt kind="strong">{entry.name}</Txt>
        <Txt kind="label" tone="holds">
          {open ? figuresText.close : figuresText.open}
        </Txt>
      </Pressable>
      {open && (
        <View style={styles.figures}>
          {says && <Txt tone="ink2">{entryKindNames[entry.kind][1]}</Txt>}
          {entry.figures()}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.m },
  list: { backgroundColor: color.paper },
  entry: { borderTopWidth: 1, borderTopColor: color.hairline },
  name: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    minHeight: touch,
    paddingHorizontal: space.l,
    gap: space.m,
  },
  figures: { paddingHorizontal: space.l, paddingBottom: space.l, gap: space.s },
});
