/** The address of this installation, kept in the database: links in mail and QR codes carry it and no other. */
import { Missing } from './tell.mjs';

async function withConnection(work) {
	const { createConnection } = await import('mysql2/promise');
	const connection = await createConnection(process.env.DATABASE_URL);
	try {
		return await work(connection);
	} finally {
		await connection.end();
	}
}

/** The address that is kept; null where there is none. */
export const readAddress = () =>
	withConnection(async (connection) => {
		const [rows] = await connection.query("SELECT value FROM setting WHERE name = 'origin'");
		return rows[0]?.value ?? null;
	});

/** Keeps an address: its scheme, name and port alone. Returns it as it is kept. */
export async function keepAddress(typed) {
	let address;
	try {
		address = new URL(/^https?:\/\//i.test(typed) ? typed : `https://${typed}`);
	} catch {
		throw new Missing(`"${typed}" is no address. Give one such as https://192.168.1.20:3000`);
	}
	if (!/^https?:$/.test(address.protocol) || address.hostname === '')
		throw new Missing(`"${typed}" is no address. Give one such as https://192.168.1.20:3000`);
	await withConnection((connection) =>
		connection.query(
			"INSERT INTO setting (name, value, changed_at) VALUES ('origin', ?, ?) ON DUPLICATE KEY UPDATE value = VALUES(value), changed_at = VALUES(changed_at)",
			[address.origin, Date.now()]
		)
	);
	return address.origin;
}
