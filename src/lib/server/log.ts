/** The server's log: one JSON line an event, without secrets. */
import pino from 'pino';
import { env } from 'node:process';

export const log = pino({ level: env.LOG_LEVEL ?? 'info', base: undefined });
