/** What is typed and not said: kept whatever stops, and over with the very write that says it. */
import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { withReading } from '@/core/walk/open-walk';
import { changeYard } from './change-yard';
import { draftOf, keepDraft } from './drafts';
import { keepPlace } from './keep-place';
import type { Yard } from './records';
import { storage } from './storage';

const draft = { text: '3.4', note: '', how: 'measured' } as const;
const [walk] = samphireYard.walks;
let client: QueryClient;

beforeEach(async () => {
  jest.restoreAllMocks();
  await storage.clear();
  client = new QueryClient();
  await keepPlace(client, samphireYard);
  keepDraft('samphire-yard', 'n2~ground.gap', draft);
  keepDraft('samphire-yard', 'n3~ground.gap', draft);
});

const say = (yard: Yard) => ({
  walks: yard.walks
    .filter(({ id }) => id === walk?.id)
    .map((it) =>
      withReading(it, {
        id: 'r-new',
        item: 'n2',
        attribute: 'ground.gap',
        at: '2026-11-24T10:00:00Z',
        how: 'measured',
        value: { is: 5 },
      }),
    ),
});

const kept = async () => JSON.parse((await storage.getItem('drafts')) ?? '[]') as { key: string }[];

test('the write that says it ends it; another question keeps its own', async () => {
  const write = jest.spyOn(storage, 'setMany');
  await changeYard(client, say);
  expect(write.mock.calls).toHaveLength(1);
  expect(Object.keys(write.mock.calls[0]?.[0] ?? {})).toContain('drafts');
  expect((await kept()).map(({ key }) => key)).toEqual(['samphire-yard n3~ground.gap']);
  expect(draftOf('samphire-yard', 'n2~ground.gap')).toBeUndefined();
  expect(draftOf('samphire-yard', 'n3~ground.gap')).toMatchObject(draft);
});

test('what could not be stored stays typed', async () => {
  jest.spyOn(storage, 'setMany').mockRejectedValueOnce(new Error('full'));
  await expect(changeYard(client, say)).rejects.toThrow();
  expect(draftOf('samphire-yard', 'n2~ground.gap')).toMatchObject(draft);
  expect(await kept()).toHaveLength(2);
});
