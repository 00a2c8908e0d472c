/** Another place is opened while the one before is still being fetched: what was opened last is shown. */
import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { tamarackBank } from '../../demo/tamarack-bank';
import { keepPlace, writeFirstPlace } from './keep-place';
import { removePlace, switchPlace } from './places';
import { loadYard, type Yard } from './records';
import { yardKey } from './show-yard';
import { storage } from './storage';

let client: QueryClient;

beforeEach(async () => {
  await storage.clear();
  client = new QueryClient();
  await keepPlace(new QueryClient(), tamarackBank);
  await keepPlace(new QueryClient(), samphireYard);
});

/** A screen that asks for the open place and is answered late. */
function slowlyFetched() {
  let answer: (() => void) | undefined;
  const fetched = client
    .fetchQuery({
      queryKey: yardKey,
      queryFn: async () => {
        const yard = await loadYard();
        await new Promise<void>((resolve) => (answer = resolve));
        return yard;
      },
    })
    .catch(() => undefined);
  return async () => {
    while (!answer) await Promise.resolve();
    answer();
    await fetched;
    // Whatever was put off by it has come to an end too.
    await new Promise((resolve) => setTimeout(resolve, 0));
  };
}

const shown = () => client.getQueryData<Yard | null>(yardKey)?.place.id;

test.each([
  ['another is opened', () => switchPlace(client, 'tamarack-bank'), 'tamarack-bank'],
  ['one is opened from a file', () => keepPlace(client, tamarackBank), 'tamarack-bank'],
  ['the open one is taken away', () => removePlace(client, 'samphire-yard'), undefined],
] as const)('%s', async (_, open, then) => {
  const answered = slowlyFetched();
  await open();
  await answered();
  expect(shown()).toBe(then);
});

test('the demo of a first visit opens only where nobody has opened another place meanwhile', async () => {
  await switchPlace(client, 'tamarack-bank');
  expect(await writeFirstPlace(samphireYard)).toBeUndefined();
  expect((await loadYard())?.place.id).toBe('tamarack-bank');
  await storage.clear();
  expect((await writeFirstPlace(samphireYard))?.place.id).toBe('samphire-yard');
  expect((await loadYard())?.place.id).toBe('samphire-yard');
});
