/**
 * Simulated devices: a fence monitor, a door, a camera. They keep nothing: what is asked for says itself which part of the scripted week it
 * is, and from which midnight on, so that no visitor sees or moves what another plays.
 */
import { Router, type Request, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { csvOf } from '../../src/core/formats/csv';
import {
  deviceFormat,
  deviceVersion,
  type DeviceReading,
} from '../../src/core/devices/device-reading';
import { minutesInWeek, played, saidBetween, type Played } from './scripted-week';

/** Of one visitor in a minute: a replay asks once a second for each device, with room to spare. */
const mostAMinute = 600;

export function deviceRoutes(): Router {
  const routes = Router();
  routes.use(
    rateLimit({
      windowMs: 60_000,
      limit: mostAMinute,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      message: { problem: 'too many at once: wait a minute' },
    }),
  );
  routes.get('/', (_request, response) => {
    response.json(played);
  });
  routes.get('/:device.csv', (request, response) => {
    const asked = askedOf(request, request.params['device']);
    if (!asked) return void refuse(response);
    response.type('text/csv').send(csvOf(tableOf(asked.device, readingsOf(asked))));
  });
  routes.get('/:device', (request, response) => {
    const asked = askedOf(request, request.params.device);
    if (!asked) return void refuse(response);
    const { device } = asked;
    response.json({
      format: deviceFormat,
      version: deviceVersion,
      device,
      readings: readingsOf(asked),
    });
  });
  return routes;
}

interface Asked {
  readonly device: Played;
  /** The midnight on which the week begins, ms. */
  readonly begins: number;
  /** Minutes of the week. */
  readonly from: number;
  readonly to: number;
}

const readingsOf = ({ device, begins, from, to }: Asked): DeviceReading[] =>
  saidBetween(device, begins, from, to);

/** `undefined` where there is no such device, or what is asked for is no part of the week. */
function askedOf({ query }: Request, id: string | undefined): Asked | undefined {
  const device = played.find((it) => it.id === id);
  const begins = typeof query.begins === 'string' ? instantIn(query.begins) : NaN;
  const [from, to] = [minuteIn(query.from, 0), minuteIn(query.to, minutesInWeek)];
  if (!device || Number.isNaN(begins) || from === undefined || to === undefined) return undefined;
  return from <= to ? { device, begins, from, to } : undefined;
}

function minuteIn(told: unknown, otherwise: number): number | undefined {
  if (told === undefined) return otherwise;
  if (typeof told !== 'string' || !/^\d{1,5}$/.test(told)) return undefined;
  return Number(told) <= minutesInWeek ? Number(told) : undefined;
}

const instantIn = (told: string): number =>
  /^20\d{2}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{3})?Z$/.test(told) ? Date.parse(told) : NaN;

const refuse = (response: Response): void => {
  response
    .status(400)
    .json({ problem: 'ask for a device of the list, as docs/format/devices says' });
};

/** One reading a row; the columns that its kind has. */
function tableOf({ kind }: Played, readings: readonly DeviceReading[]) {
  const columns = {
    'fence-monitor': ['at', 'volts', 'battery'],
    door: ['at', 'did', 'light'],
    camera: ['at', 'saw', 'sure'],
  }[kind];
  const cell = (reading: DeviceReading, column: string) =>
    (reading as unknown as Readonly<Record<string, string | number | undefined>>)[column] ?? '';
  return { head: columns, rows: readings.map((it) => columns.map((column) => cell(it, column))) };
}
