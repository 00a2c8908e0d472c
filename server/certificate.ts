/**
 * A certificate of this machine's own, for `--https`: browsers keep a page for when there is no network only where it came over https.
 * A phone trusts it once it is installed there (docs/phone.md).
 */
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { generate } from 'selfsigned';

export interface Certificate {
  /** PEM. */
  readonly key: string;
  readonly cert: string;
}

const dayMs = 24 * 60 * 60 * 1000;
/** Apple's devices take none that is good for longer than 825 days (published; recalled from memory). */
const goodForDays = 800;
/** Made anew so long before it runs out, days. */
const renewedBefore = 30;

/** The one that is kept in the folder, if it holds for all these names and addresses; else a new one, which is kept there. */
export async function certificateFor(
  hosts: readonly string[],
  folder: string,
  at: Date,
): Promise<Certificate> {
  const [keyFile, certFile] = [join(folder, 'key.pem'), join(folder, 'certificate.pem')];
  if (existsSync(keyFile) && existsSync(certFile)) {
    const kept = { key: readFileSync(keyFile, 'utf8'), cert: readFileSync(certFile, 'utf8') };
    if (isGood(kept.cert, hosts, at)) return kept;
  }
  const made = await make(hosts, at);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  // Whoever has the key can pass for any site to a phone that trusts the certificate.
  writeFileSync(keyFile, made.key, { mode: 0o600 });
  writeFileSync(certFile, made.cert);
  return made;
}

function isGood(text: string, hosts: readonly string[], at: Date): boolean {
  try {
    const cert = new X509Certificate(text);
    return (
      Date.parse(cert.validTo) - at.getTime() > renewedBefore * dayMs &&
      hosts.every((host) => (isIP(host) ? cert.checkIP(host) : cert.checkHost(host)) !== undefined)
    );
  } catch {
    return false;
  }
}

async function make(hosts: readonly string[], at: Date): Promise<Certificate> {
  const altNames = hosts.map((host) =>
    isIP(host) ? ({ type: 7, ip: host } as const) : ({ type: 2, value: host } as const),
  );
  const made = await generate([{ name: 'commonName', value: 'Rookle on this machine' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    // Clocks of phones are not all set alike.
    notBeforeDate: new Date(at.getTime() - dayMs),
    notAfterDate: new Date(at.getTime() + goodForDays * dayMs),
    extensions: [
      // Phones take only what may sign to be installed; it signs itself and nothing below.
      { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyCertSign: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames },
    ],
  });
  return { key: made.private, cert: made.cert };
}
