import type * as OtherTabs from './other-tabs';

/** A channel as browsers have it: everybody of its name hears, but for the channel that spoke. */
const open = new Set<FakeChannel>();

class FakeChannel extends EventTarget {
  constructor(readonly name: string) {
    super();
    open.add(this);
  }
  postMessage(data: unknown): void {
    for (const other of open)
      if (other !== this && other.name === this.name)
        other.dispatchEvent(new MessageEvent('message', { data }));
  }
  close(): void {
    open.delete(this);
  }
}

beforeAll(() => Object.assign(globalThis, { BroadcastChannel: FakeChannel }));

/** Each tab has modules of its own. */
function newTab(): typeof OtherTabs {
  let tab: typeof OtherTabs | undefined;
  jest.isolateModules(() => {
    tab = jest.requireActual<typeof OtherTabs>('./other-tabs');
  });
  return tab as unknown as typeof OtherTabs;
}

test('a tab hears what another wrote, never what it wrote itself, and nothing once it no longer listens', () => {
  const [here, there] = [newTab(), newTab()];
  const heard = jest.fn();
  const end = here.hearOtherTabs(heard);
  here.tellOtherTabs();
  expect(heard).not.toHaveBeenCalled();
  there.tellOtherTabs();
  expect(heard).toHaveBeenCalledTimes(1);
  end();
  there.tellOtherTabs();
  expect(heard).toHaveBeenCalledTimes(1);
});
