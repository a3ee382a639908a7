/** The app on the house's own network: a certificate of its own, and what to do with a phone. */
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { tell } from './tell.mjs';

/** The addresses of this machine on the house's network. */
export function houseAddresses(interfaces = networkInterfaces()) {
	return Object.values(interfaces)
		.flatMap((list) => list ?? [])
		.filter((one) => one.family === 'IPv4' && !one.internal)
		.map((one) => one.address);
}

/** Days that a certificate lasts: phones take none that lasts longer. */
const DAYS = 397;

/** True where a certificate is there, names all addresses and lasts another week. */
function stillFits(file, addresses) {
	if (!existsSync(file)) return false;
	try {
		const certificate = new X509Certificate(readFileSync(file));
		const names = certificate.subjectAltName ?? '';
		const ends = Date.parse(certificate.validTo);
		return (
			ends - Date.now() > 7 * 86_400_000 &&
			addresses.every((address) => names.includes(`IP Address:${address}`))
		);
	} catch {
		return false;
	}
}

/**
 * A certificate for the addresses of this machine, made where there is none that fits. Its key stays in `dir`.
 * @returns {Promise<{ cert: string, key: string, fingerprint: string }>}
 */
export async function ownCertificate(dir, addresses = houseAddresses()) {
	dir = resolve(dir);
	const [cert, key] = [join(dir, 'certificate.pem'), join(dir, 'key.pem')];
	if (!stillFits(cert, addresses) || !existsSync(key)) {
		const { generate } = await import('selfsigned');
		const made = await generate([{ name: 'commonName', value: 'Pail Round, this house' }], {
			notBeforeDate: new Date(Date.now() - 86_400_000),
			notAfterDate: new Date(Date.now() + DAYS * 86_400_000),
			keySize: 2048,
			algorithm: 'sha256',
			extensions: [
				{ name: 'basicConstraints', cA: false, critical: true },
				{ name: 'keyUsage', digitalSignature: true, keyEncipherment: true, critical: true },
				{ name: 'extKeyUsage', serverAuth: true },
				{
					name: 'subjectAltName',
					altNames: [
						{ type: 2, value: 'localhost' },
						{ type: 2, value: `${hostname()}.local` },
						...['127.0.0.1', ...addresses].map((ip) => ({ type: 7, ip }))
					]
				}
			]
		});
		mkdirSync(dir, { recursive: true, mode: 0o700 });
		writeFileSync(key, made.private, { mode: 0o600 });
		writeFileSync(cert, made.cert);
	}
	const { fingerprint256 } = new X509Certificate(readFileSync(cert));
	return { cert, key, fingerprint: fingerprint256.slice(0, 23) };
}

/** What to do with a phone, with a picture to point it at. */
export async function forPhones(port, own, addresses = houseAddresses()) {
	const { toString } = await import('qrcode').then((module) => module.default);
	const [first = 'localhost'] = addresses;
	const address = `https://${first}:${port}`;
	const picture = await toString(address, { type: 'terminal', small: true });
	return [
		'',
		`Pail Round is open for the phones of this house at ${address}`,
		...addresses.slice(1).map((other) => `or at https://${other}:${port}`),
		'',
		picture,
		...(own
			? [
					'Point the phone’s camera at the picture. The phone will say that it does not know this certificate:',
					'it was made here, for this house alone. Choose "Advanced" or "Show details", then go on to the site.',
					`Its fingerprint begins with ${own.fingerprint}; the phone shows the same one.`
				]
			: []),
		'Stop it with Ctrl-C.'
	].join('\n');
}

/**
 * The address by which the phones of this house reach it, for links in mail and QR codes: the one that was kept, else
 * asked for where somebody sits at the terminal, else this machine's first one. `npm run address` changes it.
 */
export async function askAddress(port, secure) {
	const { readAddress, keepAddress } = await import('./address.mjs');
	if ((await readAddress()) !== null) return;
	const [first = 'localhost'] = houseAddresses();
	const learned = `${secure ? 'https' : 'http'}://${first}:${port}`;
	let address = learned;
	if (process.stdin.isTTY) {
		const { createInterface } = await import('node:readline/promises');
		const asking = createInterface({ input: process.stdin, output: process.stdout });
		const typed = (
			await asking.question(`At which address do phones reach this house? [${learned}] `)
		).trim();
		asking.close();
		if (typed !== '') address = typed;
	}
	tell(
		`Links in mail and QR codes lead to ${await keepAddress(address)}. Change it with: npm run address -- ADDRESS`
	);
}
