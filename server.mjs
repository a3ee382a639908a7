/** Serves the built app. `npm start` runs it; it needs DATABASE_URL, and honours PORT and HOST. */
import { readFileSync } from 'node:fs';
import compression from 'compression';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';

const port = Number(process.env.PORT ?? 3000);
if (!Number.isInteger(port) || port < 0 || port > 65535) {
	console.error(`PORT=${process.env.PORT} is no port: give a number from 1 to 65535.`);
	process.exit(1);
}
const host = process.env.HOST ?? '127.0.0.1';
// Whether a request came by HTTP or HTTPS is said here and not by the sender: forms are checked against it.
// A whole home comes in as one file; what each route takes stands below.
process.env.BODY_SIZE_LIMIT ??= '66M';
process.env.PROTOCOL_HEADER ??= 'x-forwarded-proto';
// Behind a proxy the sender's own address stands in a header: tries at a door are counted by it.
if (process.env.TRUST_PROXY === '1') process.env.ADDRESS_HEADER ??= 'x-forwarded-for';
const { handler } = await import('./build/handler.js');

/** With TLS_CERT and TLS_KEY the app speaks HTTPS itself. */
function keys() {
	const { TLS_CERT, TLS_KEY } = process.env;
	if (!TLS_CERT && !TLS_KEY) return null;
	try {
		if (!TLS_CERT || !TLS_KEY) throw new Error('TLS_CERT and TLS_KEY belong together: set both, or neither');
		return { cert: readFileSync(TLS_CERT), key: readFileSync(TLS_KEY) };
	} catch (error) {
		console.error(`HTTPS cannot be spoken: ${error.message}.`);
		process.exit(1);
	}
}

const tls = keys();
/** Pages and data go out compressed; what is sent bit by bit does not, as it would be held back. */
const compress = compression({
	threshold: 1024,
	filter: (request, response) => {
		const type = String(response.getHeader('content-type') ?? '');
		if (/event-stream|ndjson|octet-stream/.test(type)) return false;
		return compression.filter(request, response);
	}
});
/** Pages take forms; these routes name a limit of their own, and ask who sends before they read. */
const LIMITS = { '/house/files/import': 66 * 1024 * 1024, '/house/files': 9 * 1024 * 1024 };
const USUAL_LIMIT = 256 * 1024;

/** Refuses a body that is too large before any of it is read; true where it did. */
function isTooLarge(request, response) {
	if (request.method === 'GET' || request.method === 'HEAD') return false;
	const limit = LIMITS[(request.url ?? '').split('?')[0]] ?? USUAL_LIMIT;
	const length = request.headers['content-length'];
	const chunked = request.headers['transfer-encoding'] !== undefined;
	if (!chunked && Number(length ?? 0) <= limit) return false;
	const status = chunked ? 411 : 413;
	response.writeHead(status, { 'Content-Type': 'application/json; charset=utf-8' });
	response.end(
		JSON.stringify({
			message: chunked
				? 'Say how long it is before sending it.'
				: `That is too large to be taken in: at most ${Math.round(limit / 1024)} kB here. Nothing was written.`
		})
	);
	// What is still on its way is let go by unread, and the line stays open: closing it would tear the answer off
	// before the sender reads it. But not for long.
	request.resume();
	const patience = setTimeout(() => request.destroy(), 15_000).unref();
	request.on('close', () => clearTimeout(patience));
	return true;
}

const answer = (request, response) => {
	response.setHeader('X-Content-Type-Options', 'nosniff');
	if (isTooLarge(request, response)) return;
	if (process.env.TRUST_PROXY !== '1') request.headers['x-forwarded-proto'] = tls ? 'https' : 'http';
	compress(request, response, () =>
		handler(request, response, () => {
			response.statusCode = 404;
			response.end('Not found');
		})
	);
};
const server = tls ? createSecureServer(tls, answer) : createServer(answer);
server.on('error', (error) => {
	console.error(
		error.code === 'EADDRINUSE'
			? `Port ${port} is taken. Choose another: PORT=${port + 1} npm start`
			: `The server could not start: ${error.message}`
	);
	process.exit(1);
});
server.listen(port, host, () => process.send?.({ listening: server.address() }));
function close() {
	server.close(() => process.exit(0));
	server.closeIdleConnections();
	// Whoever is still connected has two seconds.
	setTimeout(() => process.exit(0), 2000).unref();
}
for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, close);
// Whoever started this was killed: nothing goes on that nobody looks after.
process.on('disconnect', close);
