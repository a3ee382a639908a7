/** Doors that hold: addresses that no request names, ways in that end when they are ended, homes that are deleted. */
import { randomUUID } from 'node:crypto';
import { isRedirect, type RequestEvent } from '@sveltejs/kit';
import { TOTP } from 'otpauth';
import { afterEach, describe, expect, it } from 'vitest';
import { accessAt } from '../../src/lib/server/access/door';
import { hashSecret } from '../../src/lib/server/secrets';
import { sweepNight } from '../../src/lib/server/ops/sweep';
import { writeSeen } from '../../src/lib/server/access/seen';
import { accountByEmail, makeAccount } from '../../src/lib/server/repo/accountRepo';
import { addMembership, pinOf } from '../../src/lib/server/repo/membershipRepo';
import { outboxMail } from '../../src/lib/server/repo/outboxRepo';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { isAway, isFull } from '../../src/lib/server/db/pool';
import { deleteAccount, deleteHome, rememberExport } from '../../src/lib/server/services/access/deletion';
import {
	addFamilyDevice,
	changePin,
	inviteMember,
	putOut,
	renewDevice,
	revoke
} from '../../src/lib/server/services/access/doors';
import { undoChange } from '../../src/lib/server/services/home/undoChange';
import { editRole } from '../../src/lib/server/services/people/role';
import { comeIn, iAm } from '../../src/lib/server/services/access/joining';
import { beginSecond, outOwn, proveSecond, takeAccount } from '../../src/lib/server/services/access/ownKeys';
import { askReset, second, signIn, signUp } from '../../src/lib/server/services/access/signing';
import { makeHome } from '../core/home';
import { form, newId, NOW, said, someHomes } from './asking';

const { household, pool, setClock } = someHomes();
const PASSWORD = 'a line of wet sheets';
const hashed = hashSecret(PASSWORD);

afterEach(() => {
	for (const name of ['ORIGIN', 'PAIL_SIGN_UP', 'PAIL_DEMO']) delete process.env[name];
	setClock(NOW);
});

/** A browser: its cookies stay from one request to the next. */
function browser(address = `10.1.${Math.floor(Math.random() * 250)}.${Math.floor(Math.random() * 250)}`) {
	const jar = new Map<string, string>();
	const cookies = {
		get: (name: string) => jar.get(name),
		set: (name: string, value: string) => void jar.set(name, value),
		delete: (name: string) => void jar.delete(name)
	} as never;
	const event = async (host = 'house.test'): Promise<RequestEvent> => {
		const access = await accessAt(pool(), cookies, Date.parse(NOW));
		return {
			cookies,
			getClientAddress: () => address,
			url: new URL(`http://${host}/`),
			request: new Request(`http://${host}/`, { headers: { 'user-agent': 'a phone' } }),
			locals: {
				access,
				householdId: access.current?.id ?? '',
				isDemo: access.current?.isDemo ?? false,
				viewer: access.viewer
			}
		} as unknown as RequestEvent;
	};
	return { jar, cookies, event, access: () => accessAt(pool(), cookies, Date.parse(NOW)) };
}

/** What an action answers; where it leads, for one that sends on. */
async function outcome(work: Promise<unknown>): Promise<ReturnType<typeof said> & { to?: string }> {
	try {
		return said(await work);
	} catch (thrown) {
		if (!isRedirect(thrown)) throw thrown;
		return { status: thrown.status, message: '', values: {}, to: thrown.location };
	}
}

/** Somebody with a password in a home, signed in in a browser. */
async function resident(home: string, member = 'ada') {
	const email = `${randomUUID()}@family.test`;
	const account = randomUUID();
	await makeAccount(pool(), { id: account, email, passwordHash: await hashed }, 1);
	await addMembership(pool(), home, member, account, 1);
	const own = browser();
	const inside = await outcome(signIn(await own.event(), form({ email, password: PASSWORD })));
	expect(inside.to).toBe('/');
	return { ...own, email, account };
}

const codeIn = (answer: unknown) =>
	(answer as { made: { code: string; link: string | null; qr: string | null } }).made;

describe('addresses', () => {
	it('in mail are those of the setting, whatever a request calls the house', async () => {
		const home = await household();
		const { email, event } = await resident(home);
		process.env.ORIGIN = 'https://our.house.test';
		await askReset(await event('evil.test'), form({ email }));
		await expect
			.poll(async () => (await outboxMail(pool(), false)).find((one) => one.to === email)?.body ?? '')
			.toContain('https://our.house.test/reset?code=');
		const made = codeIn(await inviteMember(await event('evil.test'), form({ id: newId(), member: 'ben' })));
		expect(made.link).toMatch(/^https:\/\/our\.house\.test\/join\?code=/);
	});

	it('that nobody has set leave mail unsent, and the outbox says why', async () => {
		const home = await household();
		const { email, event } = await resident(home);
		expect((await outcome(askReset(await event('evil.test'), form({ email })))).status).toBe(200);
		await expect
			.poll(async () => (await outboxMail(pool(), false)).find((one) => one.to === email)?.why ?? '')
			.toMatch(/no address is set for links/);
		const [mail] = (await outboxMail(pool(), false)).filter((one) => one.to === email);
		expect(mail?.body).not.toMatch(/http/);
		const made = codeIn(
			await inviteMember(await event(), form({ id: newId(), member: 'ben', email: 'ben@family.test' }))
		);
		expect([made.link, made.qr]).toEqual([null, null]);
		expect(made.code).toMatch(/^[A-Z2-9]{4}-/);
	});
});

describe('ways in', () => {
	it('end for whoever is put out, with the password too, until they are invited again', async () => {
		const home = await household();
		const ada = await resident(home);
		const ben = await resident(home, 'ben');
		expect((await ben.access()).viewer?.member).toBe('ben');
		await putOut(await ada.event(), form({ member: 'ben' }));
		expect((await ben.access()).viewer).toBeNull();
		await outcome(signIn(await ben.event(), form({ email: ben.email, password: PASSWORD })));
		expect((await ben.access()).homes.map((one) => one.id)).not.toContain(home);
		process.env.ORIGIN = 'https://our.house.test';
		const { code } = codeIn(await inviteMember(await ada.event(), form({ id: newId(), member: 'ben' })));
		expect((await outcome(comeIn(await ben.event(), form({ code })))).to).toBe('/');
		expect((await ben.access()).viewer?.member).toBe('ben');
	});

	it('stay for the last who organises with a password: nobody could let them in again', async () => {
		const home = await household();
		const ada = await resident(home);
		const refused = await outcome(putOut(await ada.event(), form({ member: 'ada' })));
		expect([refused.status, refused.message]).toEqual([409, expect.stringMatching(/Nobody else organises/)]);
		expect((await ada.access()).viewer?.member).toBe('ada');
		await outcome(signIn(await ada.event(), form({ email: ada.email, password: PASSWORD })));
		expect((await ada.access()).homes.map((one) => one.id)).toContain(home);
	});

	it('of a shared device are made anew under its name, until it is logged out', async () => {
		process.env.ORIGIN = 'https://our.house.test';
		const home = await household();
		const ada = await resident(home);
		const device = newId();
		codeIn(await addFamilyDevice(await ada.event(), form({ id: device, name: 'Kitchen tablet' })));
		const renew = async () => outcome(renewDevice(await ada.event(), form({ id: newId(), device })));
		const again = codeIn(await renewDevice(await ada.event(), form({ id: newId(), device })));
		const tablet = browser();
		expect((await outcome(comeIn(await tablet.event(), form({ code: again.code })))).to).toBe('/');
		expect((await tablet.access()).viewer).toMatchObject({ role: 'device' });
		await revoke(await ada.event(), form({ device }));
		expect((await tablet.access()).viewer).toBeNull();
		expect(await renew()).toMatchObject({
			status: 400,
			message: expect.stringMatching(/logged out already/)
		});
	});

	it('by a PIN end for a child who is an adult now, and no PIN opens it any more', async () => {
		process.env.ORIGIN = 'https://our.house.test';
		const home = await household();
		const ada = await resident(home);
		const { code } = codeIn(await addFamilyDevice(await ada.event(), form({ id: newId(), name: 'Tablet' })));
		const tablet = browser();
		await outcome(comeIn(await tablet.event(), form({ code })));
		await changePin(await ada.event(), form({ member: 'cy', pin: '4711' }));
		const isCy = async () => outcome(iAm(await tablet.event(), form({ member: 'cy', pin: '4711' })));
		expect([(await isCy()).to, (await tablet.access()).viewer]).toEqual([
			'/mine',
			{ role: 'child', member: 'cy' }
		]);
		const made = await editRole(home, 'cy', form({ id: newId(), role: 'organiser' }));
		expect(made).toMatchObject({ saved: 'Cy: organiser from now on.' });
		expect((await tablet.access()).viewer).toEqual({ role: 'device', member: null });
		expect((await isCy()).status).toBe(400);
		expect(await pinOf(pool(), home, 'cy')).toBeNull();
	});

	it('are kept for somebody who organises the home with a password, whatever roles change', async () => {
		const home = await household();
		const ada = await resident(home);
		await editRole(home, 'ben', form({ id: newId(), role: 'organiser' }));
		const step = async (role: string) => said(await editRole(home, 'ada', form({ id: newId(), role })));
		expect((await step('adult')).message).toMatch(/Only Ada organises this home with a password/);
		expect((await step('captain')).status).toBe(400);
		const ben = await resident(home, 'ben');
		expect((await step('adult')).status).toBe(200);
		expect((await ada.access()).viewer?.role).toBe('adult');
		expect((await ben.access()).viewer?.role).toBe('organiser');
	});

	it('are kept for them when a change is taken back, too', async () => {
		const made = makeHome();
		const members = made.members.map((one) =>
			one.id === 'ben' ? { ...one, role: 'organiser' as const } : one
		);
		const home = await household({ ...made, members });
		const ben = await resident(home, 'ben');
		expect(said(await editRole(home, 'ben', form({ id: newId(), role: 'adult' }))).message).toMatch(
			/Only Ben/
		);
		// Ben alone has a password, and it was a change that made them organise the home.
		const back = await household(made);
		await editRole(back, 'ben', form({ id: newId(), role: 'organiser' }));
		const only = await resident(back, 'ben');
		const undone = said(await undoChange(back, form({ id: newId(), change: '2' })));
		expect([undone.status, undone.message]).toEqual([
			409,
			expect.stringMatching(/Only Ben organises this home/)
		]);
		expect([(await ben.access()).viewer?.role, (await only.access()).viewer?.role]).toEqual([
			'organiser',
			'organiser'
		]);
	});

	it('that are open end with signing out everywhere', async () => {
		const home = await household();
		const ada = await resident(home);
		const { code } = codeIn(await inviteMember(await ada.event(), form({ id: newId(), member: 'ada' })));
		await outOwn(await ada.event(), form({}), true);
		const other = browser();
		expect((await outcome(comeIn(await other.event(), form({ code })))).status).toBe(400);
	});

	it('by signing up are closed where that is asked for', async () => {
		process.env.PAIL_SIGN_UP = 'closed';
		const email = `${randomUUID()}@new.test`;
		const answer = await outcome(
			signUp(await browser().event(), form({ email, password: PASSWORD }), async () => '/')
		);
		expect([answer.status, answer.message]).toEqual([403, expect.stringMatching(/invitation/)]);
		expect(await accountByEmail(pool(), email)).toBeNull();
	});

	it('to a second phone give nobody a second account: what was begun of it is gone again', async () => {
		const home = await household();
		const ada = await resident(home);
		await resident(home, 'ben');
		const { code } = codeIn(await inviteMember(await ada.event(), form({ id: newId(), member: 'ben' })));
		const phone = browser();
		expect((await outcome(comeIn(await phone.event(), form({ code })))).to).toBe('/');
		const email = `${randomUUID()}@family.test`;
		const second = await outcome(takeAccount(await phone.event(), form({ email, password: PASSWORD })));
		expect(second).toMatchObject({
			status: 400,
			message: expect.stringContaining('You have a password already')
		});
		expect(await accountByEmail(pool(), email)).toBeNull();
	});
});

describe('the second factor', () => {
	it('asks the password before it is begun, and gives ten codes that count once each', async () => {
		const home = await household();
		const ada = await resident(home);
		expect((await outcome(beginSecond(await ada.event(), form({ old: 'wrong one here' })))).status).toBe(400);
		expect((await outcome(beginSecond(await ada.event(), form({ old: PASSWORD })))).status).toBe(200);
		const secret = (await accountByEmail(pool(), ada.email))?.totpSecret ?? '';
		const code = new TOTP({ secret }).generate({ timestamp: Date.parse(NOW) });
		const proved = (await proveSecond(await ada.event(), form({ code }))) as { codes: string[] };
		expect(new Set(proved.codes).size).toBe(10);
		const enter = async (spare: string) => {
			const phone = browser();
			await signIn(await phone.event(), form({ email: ada.email, password: PASSWORD }));
			return outcome(second(await phone.event(), form({ code: spare })));
		};
		const [first = '', other = ''] = proved.codes;
		expect((await enter(first)).to).toBe('/');
		expect((await enter(first)).status).toBe(400);
		expect((await enter(other.toLowerCase().replace(/-/g, ' '))).to).toBe('/');
		const [rows] = (await (pool() as unknown as { query(sql: string): Promise<unknown[]> }).query(
			'SELECT code_hash FROM recovery_code'
		)) as [{ code_hash: string }[]];
		for (const one of proved.codes) expect(JSON.stringify(rows)).not.toContain(one.replace(/-/g, ''));
	});
});

describe('deleting', () => {
	const rowsOf = async (home: string) => {
		const connection = pool() as unknown as { query(sql: string, values?: unknown[]): Promise<unknown[]> };
		const [tables] = (await connection.query(
			"SELECT table_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'household_id'"
		)) as [{ name: string }[]];
		let sum = 0;
		for (const { name } of tables) {
			const [rows] = (await connection.query(`SELECT COUNT(*) AS n FROM ${name} WHERE household_id = ?`, [
				home
			])) as [{ n: number }[]];
			sum += Number(rows[0]?.n);
		}
		return sum;
	};

	it('a home asks the password and its saved file; it is unreadable at once, and gone within a day', async () => {
		const home = await household();
		const other = await household();
		const ada = await resident(home);
		expect((await outcome(deleteHome(await ada.event(), form({ old: 'not the one' })))).status).toBe(400);
		const early = await outcome(deleteHome(await ada.event(), form({ old: PASSWORD })));
		expect([early.status, early.message]).toEqual([409, expect.stringMatching(/Save the file/)]);
		rememberExport(ada.cookies, home);
		expect((await outcome(deleteHome(await ada.event(), form({ old: PASSWORD })))).to).toBe('/');
		expect(await loadHome(pool(), home)).toBeNull();
		expect((await ada.access()).homes.map((one) => one.id)).not.toContain(home);
		const before = await rowsOf(other);
		await sweepNight(Date.parse(NOW) + 86_400_000);
		expect(await rowsOf(home)).toBe(0);
		expect(await rowsOf(other)).toBe(before);
	});

	it('an account waits for its homes, then its address is free and its sign-ins are over', async () => {
		const home = await household();
		const ada = await resident(home);
		const refused = await outcome(deleteAccount(await ada.event(), form({ old: PASSWORD })));
		expect([refused.status, refused.message]).toEqual([409, expect.stringMatching(/Nobody else organises/)]);
		rememberExport(ada.cookies, home);
		await outcome(deleteHome(await ada.event(), form({ old: PASSWORD })));
		expect((await outcome(deleteAccount(await ada.event(), form({ old: PASSWORD })))).to).toBe('/sign-in');
		expect(await accountByEmail(pool(), ada.email)).toBeNull();
		expect((await ada.access()).signIn).toBeNull();
		await sweepNight(Date.parse(NOW) + 86_400_000);
		expect(await makeAccount(pool(), { id: randomUUID(), email: ada.email, passwordHash: '' }, 1)).toBe(true);
	});

	it('two accounts that organise a home, at once: one of them is told to stay', async () => {
		for (let i = 0; i < 8; i++) {
			const made = makeHome();
			const members = made.members.map((one) =>
				one.id === 'ben' ? { ...one, role: 'organiser' as const } : one
			);
			const home = await household({ ...made, members });
			const both = [await resident(home), await resident(home, 'ben')];
			const answers = await Promise.all(
				both.map(async (one) => outcome(deleteAccount(await one.event(), form({ old: PASSWORD }))))
			);
			expect(answers.map((one) => one.to ?? one.status).sort()).toEqual(['/sign-in', 409].sort());
		}
	}, 120_000);
});

describe('looking at a page', () => {
	it('writes nothing: the last use is written down beside it', async () => {
		const home = await household();
		const ada = await resident(home);
		const seen = async () => {
			const [rows] = (await (pool() as unknown as { query(sql: string): Promise<unknown[]> }).query(
				`SELECT seen_at FROM sign_in WHERE account_id = '${ada.account}'`
			)) as [{ seen_at: number }[]];
			return Number(rows[0]?.seen_at);
		};
		const before = await seen();
		const later = Date.parse(NOW) + 3_600_000;
		await accessAt(pool(), ada.cookies, later);
		expect(await seen()).toBe(before);
		await writeSeen();
		expect(await seen()).toBe(later);
	});
	it('shows no demo that was switched off', async () => {
		const one = browser();
		process.env.PAIL_DEMO = 'no';
		expect((await one.access()).homes).toEqual([]);
	});
});

describe('a full disk', () => {
	it.each([
		{ code: 'ER_DISK_FULL' },
		{ code: 'ER_RECORD_FILE_FULL', message: "The table 'ledger' is full" },
		{ message: 'Error writing file (errno: 28 "No space left on device")' }
	])('is told from a database that is away: %j', (error) => {
		expect(isFull(error)).toBe(true);
		expect(isAway(error)).toBe(false);
	});
});
