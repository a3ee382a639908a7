/** Serves the built app. `npm start` runs it; it needs DATABASE_URL, and honours PORT and HOST. */
import { readFileSync } from 'node:fs';
import compression from 'compression';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';

const port = Number(process.env.PORT ?? 3000);
const host = process.env.HOST ?? '127.0.0.1';
// Whether a request came by HTTP or HTTPS is said here and not by the sender: forms are checked against it.
// A whole home comes in as one file; the pages themselves never send that much.
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
const answer = (request, response) => {
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
for (const signal of ['SIGTERM', 'SIGINT']) {
	process.on(signal, () => {
		server.close(() => process.exit(0));
		server.closeIdleConnections();
		// Whoever is still connected has two seconds.
		setTimeout(() => process.exit(0), 2000).unref();
	});
}
