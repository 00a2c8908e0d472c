/** The certificate of `--https`: a browser that trusts it takes it for this machine's addresses, and it is kept until it must be another. */
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer, request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { certificateFor, type Certificate } from './certificate';

const at = new Date();
const days = (count: number) => new Date(at.getTime() + count * 24 * 60 * 60 * 1000);
const hosts = ['localhost', '127.0.0.1', '192.168.7.20'];
let folder: string;

beforeEach(() => {
  folder = join(mkdtempSync(join(tmpdir(), 'certificate-')), 'kept');
});
afterEach(() => rmSync(join(folder, '..'), { recursive: true }));

/** What a client is answered that trusts this certificate and no other. */
function asked({ key, cert }: Certificate, trusts: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const server = createServer({ key, cert }, (_asked, answer) => answer.end('here')).listen(
      0,
      '127.0.0.1',
      () => {
        const { port } = server.address() as AddressInfo;
        const done = (finish: () => void) => server.close(finish);
        request({ host: '127.0.0.1', port, ca: trusts, agent: false }, (answer) => {
          answer.on('data', (text: Buffer) => done(() => resolve(text.toString())));
        })
          .on('error', (error) => done(() => reject(error)))
          .end();
      },
    );
  });
}

test('who trusts it is answered, who does not is not', async () => {
  const own = await certificateFor(hosts, folder, at);
  const other = await certificateFor(hosts, join(folder, 'other'), at);
  expect(await asked(own, own.cert)).toBe('here');
  await expect(asked(own, other.cert)).rejects.toThrow(/self.signed|unable to verify/i);
});

test('kept for the same addresses; its key is for its owner alone', async () => {
  const first = await certificateFor(hosts, folder, at);
  expect(await certificateFor(hosts.slice(0, 2), folder, days(300))).toEqual(first);
  expect(statSync(join(folder, 'key.pem')).mode & 0o077).toBe(0);
});

test.each([
  ['for an address it does not hold', [...hosts, '10.0.0.3'], 1],
  ['for a name it does not hold', [...hosts, 'coop.local'], 1],
  ['shortly before it runs out', hosts, 780],
])('made anew %s', async (_why, wanted, after) => {
  const first = await certificateFor(hosts, folder, at);
  const second = await certificateFor(wanted, folder, days(after));
  expect(second.cert).not.toBe(first.cert);
  const read = new X509Certificate(second.cert);
  expect(read.checkIP('192.168.7.20')).toBe('192.168.7.20');
  expect(await certificateFor(wanted, folder, days(after))).toEqual(second);
});

test('what phones ask of one to be installed: may sign, for servers, no longer than 825 days', async () => {
  const { cert } = await certificateFor(hosts, folder, at);
  const read = new X509Certificate(cert);
  expect(read.ca).toBe(true);
  expect(read.keyUsage).toEqual(['1.3.6.1.5.5.7.3.1']);
  const good = Date.parse(read.validTo) - Date.parse(read.validFrom);
  expect(good / 86_400_000).toBeLessThanOrEqual(825);
});

test('a kept file that is damaged is made anew', async () => {
  await certificateFor(hosts, folder, at);
  writeFileSync(join(folder, 'certificate.pem'), 'nothing');
  expect((await certificateFor(hosts, folder, at)).cert).toContain('BEGIN CERTIFICATE');
});
