/** The demo places, where this server has any to hand out. */
import type { QueryClient } from '@tanstack/react-query';
import { array, object, string } from 'yup';
import { openFile } from './open-file';
import { demoKey } from './records';
import { placesKey } from './places';
import { writeAll } from './storage';

export interface Demo {
  readonly id: string;
  readonly name: string;
}

const demosSchema = array()
  .of(object({ id: string().required(), name: string().required() }).noUnknown().required())
  .required();

/** None where there is no server, or it has none. */
export async function listDemos(): Promise<readonly Demo[]> {
  const answer = await fetch('/api/demos').catch(() => undefined);
  if (!answer?.ok) return [];
  try {
    return await demosSchema.validate(await answer.json(), { strict: true });
  } catch {
    return [];
  }
}

/** Opens one as it began; what was changed in it before is replaced. False where it could not be had. */
export async function openDemo(client: QueryClient, id: string): Promise<boolean> {
  const answer = await fetch(`/api/demos/${encodeURIComponent(id)}`).catch(() => undefined);
  if (!answer?.ok) return false;
  if ((await openFile(client, await answer.text())) !== undefined) return false;
  await writeAll({ [demoKey(id)]: 'yes' });
  void client.invalidateQueries({ queryKey: placesKey });
  return true;
}

/** The first of them, on a first visit. */
export async function openFirstDemo(client: QueryClient): Promise<boolean> {
  const [first] = await listDemos();
  return first !== undefined && (await openDemo(client, first.id));
}
