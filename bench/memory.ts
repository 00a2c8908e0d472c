/** What judging leaves behind: a thousand places judged in all scenarios, none of them held on to. */
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { samphireYard } from '../demo/samphire-yard';
import { judgeAll } from '../src/core/score/judge-all';

export interface MemoryCost {
  /** MB that the heap holds more after a thousand than after the first fifty, everything unused collected. */
  readonly keptMb: number;
}

const places = 1000;

export function memoryCost(): MemoryCost {
  setFlagsFromString('--expose-gc');
  const collect = runInNewContext('gc') as () => void;
  const held = (): number => {
    collect();
    collect();
    return process.memoryUsage().heapUsed / 2 ** 20;
  };
  const judge = () => judgeAll(structuredClone(samphireYard.place), samphireYard.walks);
  for (let count = 0; count < 50; count += 1) judge();
  const before = held();
  for (let count = 50; count < places; count += 1) judge();
  return { keptMb: Math.round((held() - before) * 10) / 10 };
}
