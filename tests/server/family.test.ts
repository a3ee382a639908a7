/** The store of a family: giving out, swaps, calls, cards, doors; each once, and none across homes. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { forgive, sweepAttempts, tryAt } from '../../src/lib/server/repo/attemptRepo';
import { hashSecret, newCode, readCode, secretFits, shownCode } from '../../src/lib/server/secrets';
import { passwordProblem, pinProblem } from '../../src/lib/server/access/rules';
import * as accounts from '../../src/lib/server/repo/accountRepo';
import * as devices from '../../src/lib/server/repo/deviceRepo';
import * as invitations from '../../src/lib/server/repo/invitationRepo';
import * as memberships from '../../src/lib/server/repo/membershipRepo';
import * as signIns from '../../src/lib/server/repo/signInRepo';
import { changesOf } from '../../src/lib/server/repo/householdRepo';
import * as handout from '../../src/lib/server/repo/assignmentRepo';
import { cardByCode, codeForCard } from '../../src/lib/server/repo/cardRepo';
import { makeDatabase, makeHousehold, type TestDatabase } from './database';

let db: TestDatabase;
let home: string;
let other: string;
let homes = 0;
const NOW = 1_804_070_400_000;
const MONDAY = toDay('2027-03-01');

beforeAll(async () => {
	db = await makeDatabase();
});
afterAll(async () => db?.drop());
beforeEach(async () => {
	home = await makeHousehold(db.pool, ++homes);
	other = await makeHousehold(db.pool, ++homes);
});
const pool = () => db.pool as never;
const inside = <T>(work: (on: never) => Promise<T>) => inHousehold(home, (on) => work(on as never), db.pool);

describe('giving out a week', () => {
	const turns = [
		{ line: 'bench', due: MONDAY, member: 'ada', held: false },
		{ line: 'dishes/morning', due: addDays(MONDAY, 2), member: 'ben', held: false }
	];
	const given = async (of: string) =>
		(await handout.givenBetween(pool(), of, MONDAY, addDays(MONDAY, 6)))
			.map((row) => `${row.line} ${row.member}`)
			.sort();
	it('is written once an id, counts as a change, and stays in its home', async () => {
		const id = randomUUID();
		const save = () =>
			inside((on) => handout.saveHandout(on, home, { id, weekBegin: MONDAY, from: MONDAY, turns }, NOW));
		const before = (await changesOf(pool(), [home, other])).get(home) ?? 0;
		expect(await save()).toBe('saved');
		expect(await save()).toBe('known');
		expect((await Promise.all([save(), save()])).every((one) => one === 'known')).toBe(true);
		expect(await given(home)).toEqual(['bench ada', 'dishes/morning ben']);
		expect(await given(other)).toEqual([]);
		const counts = await changesOf(pool(), [home, other]);
		expect(counts.get(home)).toBeGreaterThan(before);
		expect(await handout.handoutOf(pool(), other, MONDAY)).toBeNull();
	});
	it('leaves the days that went by, and puts one turn by hand', async () => {
		const save = (from: number, list: typeof turns) =>
			inside((on) =>
				handout.saveHandout(
					on,
					home,
					{ id: randomUUID(), weekBegin: MONDAY, from: addDays(MONDAY, from), turns: list },
					NOW
				)
			);
		await save(0, turns);
		await save(1, [{ line: 'dishes/morning', due: addDays(MONDAY, 2), member: 'cy', held: false }]);
		expect(await given(home)).toEqual(['bench ada', 'dishes/morning cy']);
		await inside((on) => handout.putTurn(on, home, MONDAY, { line: 'bench', due: MONDAY, member: 'cy' }));
		const rows = await handout.givenBetween(pool(), home, MONDAY, MONDAY);
		expect(rows).toEqual([{ line: 'bench', due: MONDAY, member: 'cy', held: true }]);
	});
	it('keeps swaps of the ribbon apart from the turns of jobs', async () => {
		await inside((on) => handout.swapRibbon(on, home, MONDAY, addDays(MONDAY, 1), 'cy'));
		await inside((on) =>
			handout.saveHandout(on, home, { id: randomUUID(), weekBegin: MONDAY, from: MONDAY, turns }, NOW)
		);
		expect(await handout.ribbonSwaps(pool(), home)).toEqual([{ day: addDays(MONDAY, 1), to: 'cy' }]);
		expect(await handout.ribbonSwaps(pool(), other)).toEqual([]);
		expect(await given(home)).toEqual(['bench ada', 'dishes/morning ben']);
	});
});

describe('swaps and calls', () => {
	const swap = (id: string) => ({ id, line: 'bench', due: MONDAY, from: 'ada', to: 'ben', back: null });
	it('are asked once, withdrawn by the next asking, and answered once, by whoever comes first', async () => {
		const [first, second] = [randomUUID(), randomUUID()];
		for (const id of [first, first, second]) await inside((on) => handout.askSwap(on, home, swap(id), NOW));
		expect((await handout.openSwaps(pool(), home, MONDAY)).map((one) => one.id)).toEqual([second]);
		expect((await handout.swapById(pool(), home, first))?.state).toBe('withdrawn');
		expect(await handout.swapById(pool(), other, second)).toBeNull();
		const answer = (of: string) => inside((on) => handout.answerSwap(on, of, second, 'agreed', NOW));
		expect(await answer(other)).toBe(false);
		const both = await Promise.all([answer(home), answer(home)]);
		expect(both.filter(Boolean).length).toBe(1);
		expect(await handout.openSwaps(pool(), home, MONDAY)).toEqual([]);
	});
	it('for help are open until somebody comes, in their own home alone', async () => {
		const id = randomUUID();
		for (let i = 0; i < 2; i++)
			await inside((on) => handout.callHelp(on, home, { id, member: 'cy', line: 'bench' }, NOW));
		expect((await handout.openCalls(pool(), home, NOW - 1)).length).toBe(1);
		expect(await handout.openCalls(pool(), other, NOW - 1)).toEqual([]);
		await inside((on) => handout.cameToHelp(on, other, { call: id }, NOW));
		expect((await handout.openCalls(pool(), home, NOW - 1)).length).toBe(1);
		await inside((on) => handout.cameToHelp(on, home, { member: 'cy' }, NOW));
		expect(await handout.openCalls(pool(), home, NOW - 1)).toEqual([]);
	});
});

describe('printed cards', () => {
	it('have one code for one content, found in their own home alone', async () => {
		const boxes = [{ line: 'bench', date: MONDAY }];
		const code = await inside((on) => codeForCard(on, home, 'Porch', boxes, NOW));
		expect(await inside((on) => codeForCard(on, home, 'Porch', boxes, NOW + 9))).toBe(code);
		const twice = await Promise.all(
			[0, 1].map(() => inside((on) => codeForCard(on, home, 'Porch, next', boxes, NOW)))
		);
		expect(twice[0]).toBe(twice[1]);
		expect(twice[0]).not.toBe(code);
		expect(await cardByCode(pool(), home, code)).toEqual({ code, title: 'Porch', boxes });
		expect(await cardByCode(pool(), other, code)).toBeNull();
	});
});

describe('ways in', () => {
	it('an invitation is used once, and a new one takes the old one back', async () => {
		const [one, two] = [newCode(), newCode()];
		const ask = (code: string, id = randomUUID()) =>
			inside((on) =>
				invitations.invite(
					on,
					home,
					{ id, member: 'ben', device: null, codeHash: code, expiresAt: NOW + 10 },
					NOW
				)
			);
		await ask(one);
		await ask(two);
		expect((await invitations.invitationByCode(pool(), one))?.usedAt).toBe(NOW);
		const found = await invitations.invitationByCode(pool(), two);
		const use = (of: string, at: number) =>
			inside((on) => invitations.useInvitation(on, of, found?.id ?? '', at));
		expect(await use(other, NOW)).toBe(false);
		expect(await use(home, NOW + 11)).toBe(false);
		expect([await use(home, NOW), await use(home, NOW)]).toEqual([true, false]);
		expect(await invitations.openInvitations(pool(), home, NOW)).toEqual([]);
	});
	it('a member has one account, an account one place in a home, and PINs and devices stay at home', async () => {
		const account = (email: string) => ({ id: randomUUID(), email, passwordHash: 'x' });
		const [a, b] = [account(`${randomUUID()}@a.test`), account(`${randomUUID()}@b.test`)];
		for (const one of [a, b]) expect(await inside((on) => accounts.makeAccount(on, one, NOW))).toBe(true);
		expect(await inside((on) => accounts.makeAccount(on, { ...a, id: randomUUID() }, NOW))).toBe(false);
		const add = (of: string, member: string, id: string) =>
			inside((on) => memberships.addMembership(on, of, member, id, NOW));
		expect(await add(home, 'ada', a.id)).toBe(true);
		expect(await add(home, 'ada', b.id)).toBe(false);
		expect(await add(home, 'ben', a.id)).toBe(false);
		expect(await add(other, 'ada', a.id)).toBe(true);
		await inside((on) => memberships.setPin(on, home, 'cy', 'hash', NOW));
		expect(await memberships.pinOf(pool(), other, 'cy')).toBeNull();
		await inside((on) => memberships.setPin(on, home, 'cy', null, NOW));
		expect(await memberships.pinOf(pool(), home, 'cy')).toBeNull();
		const device = randomUUID();
		await inside((on) => devices.addDevice(on, home, device, 'Tablet', NOW));
		await inside((on) => devices.giveKey(on, home, device, 'f'.repeat(64)));
		expect((await devices.deviceByKey(pool(), 'f'.repeat(64)))?.household).toBe(home);
		await inside((on) => devices.revokeDevice(on, other, device, NOW));
		expect((await devices.devicesOf(pool(), home)).length).toBe(1);
		await inside((on) => devices.revokeDevice(on, home, device, NOW));
		expect(await devices.deviceByKey(pool(), 'f'.repeat(64))).toBeNull();
	});
	it('sign-ins end one by one or all but one, and not those of others', async () => {
		const signIn = async (member: string, of = home) => {
			const id = randomUUID();
			const who = { account: null, household: of, member, device: null, how: 'join', agent: 'a' } as const;
			const tokenHash = id.replaceAll('-', '').padEnd(64, '0');
			await inside((on) => signIns.addSignIn(on, { ...who, id, tokenHash, expiresAt: NOW + 99 }, NOW));
			return id;
		};
		const ids = [await signIn('ben'), await signIn('ben'), await signIn('ben')];
		await signIn('ada');
		await signIn('ben', other);
		const whose = { account: null, household: home, member: 'ben' };
		const open = async (of = whose) => (await signIns.signInsOf(pool(), of, NOW)).map((one) => one.id).sort();
		expect(await open()).toEqual([...ids].sort());
		await inside((on) => signIns.endSignInsOf(on, whose, { only: ids[0] as string }, NOW));
		await inside((on) => signIns.endSignInsOf(on, whose, { but: ids[1] as string }, NOW));
		expect(await open()).toEqual([ids[1]]);
		expect((await open({ ...whose, household: other })).length).toBe(1);
		expect((await open({ ...whose, member: 'ada' })).length).toBe(1);
	});
	it('tries run out, drain with time, are forgiven, and survive in the database', async () => {
		const limit = { tries: 3, over: 60_000 };
		const name = `door ${randomUUID()}`;
		const tryOnce = (at: number) => inside((on) => tryAt(on, [[name, limit]], at));
		expect([await tryOnce(NOW), await tryOnce(NOW), await tryOnce(NOW)]).toEqual([0, 0, 0]);
		expect(await tryOnce(NOW)).toBe(20_000);
		// A clock that jumps back gives nothing away.
		expect(await tryOnce(NOW - 3_600_000)).toBeGreaterThan(0);
		expect(await tryOnce(NOW + 20_000)).toBe(0);
		await inside((on) => forgive(on, name));
		expect(await tryOnce(NOW + 20_000)).toBe(0);
		const many = await Promise.all(Array.from({ length: 8 }, () => tryOnce(NOW + 20_000)));
		expect(many.filter((wait) => wait === 0).length).toBe(2);
		await inside((on) => sweepAttempts(on, NOW + 3 * 86_400_000));
	});
});

describe('secrets', () => {
	it('fit or do not, and nothing fits where there is none', async () => {
		const hashed = await hashSecret('four plain words');
		expect(hashed).toMatch(/^\$argon2id\$/);
		expect(await secretFits('four plain words', hashed)).toBe(true);
		expect(await secretFits('four plain word', hashed)).toBe(false);
		expect(await secretFits('', null)).toBe(false);
		expect(await secretFits('anything', 'no hash at all')).toBe(false);
	});
	it('codes are read however they are typed', () => {
		for (let i = 0; i < 50; i++) {
			const code = newCode();
			expect(readCode(` ${shownCode(code).toLowerCase()} `)).toBe(code);
		}
		for (const none of ['', 'ABCD', 'ABCD-EFGH-JKL0', 'ABCD-EFGH-JKLI', 'ABCDEFGHJKLMN'])
			expect(readCode(none)).toBeNull();
	});
	it.each([
		['short', 'a@b.test', /at least 10/],
		['x'.repeat(201), 'a@b.test', /at most 200/],
		['Password123', 'a@b.test', /tries first/],
		['p a s s w o r d 1 2 3', 'a@b.test', /tries first/],
		['abababababab', 'a@b.test', /easy to guess/],
		['maren@home.test', 'maren@home.test', /Your address/],
		['seven wet towels', 'a@b.test', null],
		['ünïcödé ist schön', 'a@b.test', null]
	])('judge the password %s', (password, email, says) => {
		const problem = passwordProblem(password, email);
		if (says === null) expect(problem).toBeNull();
		else expect(problem).toMatch(says);
	});
	it('and PINs by their figures alone', () => {
		for (const bad of ['', '123', '1234', '4321', '7777', '12345678', 'abcd', '123456789'])
			expect(pinProblem(bad), bad).not.toBeNull();
		for (const good of ['2748', '135790', '90210000']) expect(pinProblem(good), good).toBeNull();
	});
});
