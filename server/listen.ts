/** Serves on any free port of this machine, for tests, pictures and benchmarks. */
import type { AddressInfo } from 'node:net';
import { createApp, type Served } from './create-app';

export interface Listening {
  readonly address: string;
  readonly close: () => void;
}

export function listen(served: Served): Promise<Listening> {
  return new Promise((ready) => {
    const server = createApp(served).listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      ready({ address: `http://127.0.0.1:${port}`, close: () => void server.close() });
    });
  });
}
