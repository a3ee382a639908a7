/** The server's log: one JSON line an event, without secrets. */
import { env } from 'node:process';
import pino from 'pino';

/** An error without the statement that failed: its values are other people's. */
function plainError(error: Error) {
	const {
		sql: _sql,
		sqlMessage: _message,
		...rest
	} = pino.stdSerializers.err(error) as Record<string, unknown>;
	return rest;
}

export const log = pino({
	level: env.LOG_LEVEL ?? 'info',
	base: undefined,
	serializers: { err: plainError as never }
});
