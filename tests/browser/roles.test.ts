/** All routes and actions, for every role, for nobody, and for the organiser of another home. */
import type { Role, Viewer } from '../../src/lib/core/people/permissions';
import { opens, ROUTES, startOf } from '../../src/lib/server/access/routes';
import { freshId, makeFamily, person, post, type Family, type Person } from './household';
import { expect, test } from './stack';

test.use({ stackOf: 'the roles' });
test.describe.configure({ mode: 'serial' });

const FORBIDDEN = 'This is not for you to open.';
const OUT = 'You are not logged in here any more.';

let family: Family;
let stranger: Family;
const people = new Map<Role | 'nobody', Person>();
const viewers: Record<Role | 'nobody', Viewer | null> = {
	organiser: { role: 'organiser', member: 'ottilie' },
	adult: { role: 'adult', member: 'bram' },
	child: { role: 'child', member: 'kit' },
	helper: { role: 'helper', member: 'nan-wren' },
	device: { role: 'device', member: null },
	nobody: null
};

/** A path of a route with its places filled in. */
const pathOf = (route: string) =>
	route
		.replace('/timer/[id]', `/timer/${freshId()}`)
		.replace('[id]', 'stair-skirting')
		.replace('[member]', 'bram')
		.replace('[mix]', 'no-such-bottle')
		.replace('[line]', 'pair-up-the-boots')
		.replace('[name]', 'home.json')
		.replace('[secret]', 'nothing');

test.beforeAll(async ({ stack }) => {
	// Without the demo nobody is anybody by default.
	await stack.query('UPDATE household SET is_demo = FALSE');
	family = await makeFamily(stack);
	stranger = await makeFamily(stack);
	people.set('organiser', family.organiser);
	people.set('adult', await family.join('bram'));
	people.set('child', await family.join('kit'));
	people.set('helper', await family.join('nan-wren'));
	people.set('device', await family.join(null));
	people.set('nobody', await person(stack));
});

for (const role of ['organiser', 'adult', 'child', 'helper', 'device', 'nobody'] as const) {
	test(`what a page or an action needs is what it asks of: ${role}`, async () => {
		const who = people.get(role) as Person;
		const viewer = viewers[role];
		const signedIn = role !== 'nobody' && role !== 'device';
		for (const [route, needs] of Object.entries(ROUTES)) {
			const path = pathOf(route);
			if (needs.see && route !== '/live') {
				const response = await who.api.get(path, { maxRedirects: 0, headers: { accept: 'text/html' } });
				const at = `${role} looks at ${path}`;
				if (opens(needs.see, viewer, signedIn)) {
					expect([401, 403], at).not.toContain(response.status());
				} else if (viewer === null) {
					expect(response.status(), at).toBe(303);
					expect(response.headers().location, at).toMatch(/^\/(sign-in|who)/);
				} else if (route === '/') {
					expect(response.headers().location, at).toBe(startOf(viewer));
				} else {
					expect(response.status(), at).toBe(403);
					expect(await response.text(), at).toContain(FORBIDDEN);
				}
			}
			for (const [action, asks] of Object.entries(needs.send ?? {})) {
				// Whoever signs out here would be out for the rest of the walk.
				if (['/sign-in', '/own', '/who'].includes(route) && /out|done/i.test(action)) continue;
				const at = `${role} sends ${path} ${action}`;
				const response = await who.api.post(action === 'POST' ? path : `${path}?/${action}`, {
					form: { nothing: '1' },
					headers: { accept: 'application/json' },
					maxRedirects: 0
				});
				const text = await response.text();
				if (opens(asks, viewer, signedIn)) {
					expect(text, at).not.toContain(FORBIDDEN);
					expect(text, at).not.toContain(OUT);
					expect(response.status(), at).not.toBe(500);
				} else {
					expect(response.status(), at).toBe(viewer === null ? 401 : 403);
					expect(text, at).toContain(viewer === null ? OUT : FORBIDDEN);
				}
			}
		}
	});
}

test('the organiser of another home finds nothing of this one, and changes nothing in it', async ({
	stack
}) => {
	// Something of this home that can be told from the other one's.
	const revision = () =>
		stack.query<{ revision: number; n: number }>(
			`SELECT revision, (SELECT COUNT(*) FROM ledger WHERE household_id = h.id) AS n FROM household h WHERE id = '${family.household}'`
		);
	const pail = freshId();
	await post(family.organiser, '/timer?/start', { id: pail, minutes: '10', member: 'ottilie' });
	const entry = freshId();
	await post(family.organiser, '/?/tick', {
		id: entry,
		line: 'make-the-beds',
		outcome: 'done',
		minutes: '4'
	});
	const { text: made } = await post(family.organiser, '/people/access?/device', {
		id: freshId(),
		name: 'Hall phone'
	});
	expect(made).toContain('Hall phone');
	const [device] = await stack.query<{ id: string }>(
		`SELECT id FROM device WHERE household_id = '${family.household}' AND name = 'Hall phone'`
	);
	const before = await revision();
	const them = stranger.organiser;
	// The cookie that chooses a home chooses among one's own.
	await them.api.post('/home', { form: { home: family.household } });
	expect((await them.api.get(`/timer/${pail}`)).status()).toBe(404);
	for (const [path, form] of [
		[`/timer/${pail}?/event`, { id: freshId(), kind: 'setDown' }],
		['/?/undo', { id: freshId(), of: entry }],
		['/history?/undo', { id: freshId(), of: entry }],
		['/people/access?/revoke', { device: device?.id ?? '' }],
		['/people/week?/answer', { swap: freshId(), answer: 'yes' }],
		['/people?/came', { call: freshId() }],
		['/print/tick?/tick', { id: freshId(), code: 'UB4K7', box: 'make-the-beds@2027-03-03' }]
	] as const)
		await post(them, path, form as Record<string, string>);
	expect(await revision()).toEqual(before);
	const [left] = await stack.query<{ revoked_at: number | null }>(
		`SELECT revoked_at FROM device WHERE id = '${device?.id}'`
	);
	expect(left?.revoked_at).toBeNull();
	expect(await (await them.api.get('/people/access')).text()).not.toContain('Hall phone');
	expect(await (await them.api.get('/house/files/home.json')).text()).not.toContain(entry);
});

test('a child’s page sends nothing of the grown-ups', async () => {
	const kit = people.get('child') as Person;
	for (const path of ['/mine', '/mine/__data.json', '/timer', '/timer/__data.json']) {
		const text = await (await kit.api.get(path)).text();
		for (const word of [
			'family.test',
			'bornOn',
			'revision',
			'2013-09-18',
			'paper-and-post',
			'Kitchen tablet'
		])
			expect(text, `${path}: ${word}`).not.toContain(word);
	}
});

test('each ticks what is theirs: a child its list for itself, a device for whoever was tapped', async () => {
	const tick = (role: Role, form: Record<string, string>) =>
		post(people.get(role) as Person, role === 'child' || role === 'helper' ? '/mine?/tick' : '/?/tick', {
			id: freshId(),
			outcome: 'done',
			...form
		});
	expect((await tick('child', { line: 'pair-up-the-boots', by: 'kit' })).text).toContain('Done:');
	expect((await tick('child', { line: 'pair-up-the-boots', by: 'pip' })).text).toContain(
		'Each ticks their own'
	);
	expect((await tick('child', { line: 'stove-ash', by: 'kit' })).text).toContain('not on your list');
	expect((await tick('helper', { line: 'kitchen-reset', by: 'nan-wren' })).status).toBe(403);
	expect((await tick('adult', { line: 'stove-ash', by: 'bram' })).text).toContain('Done:');
	expect((await tick('adult', { line: 'loft-own-room', by: 'bram' })).status).toBe(403);
	expect((await tick('device', { line: 'bins-to-the-gate', by: '' })).text).toContain('Tap who did it');
	// Whoever is tapped stands in no address, so that the device forgets it after three minutes.
	const tapped = await (people.get('device') as Person).api.get('/?by=bram&on=2027-03-04', {
		maxRedirects: 0
	});
	expect([tapped.status(), tapped.headers().location]).toEqual([303, '/?on=2027-03-04']);
	expect(tapped.headers()['set-cookie']).toMatch(/tapped=bram;.*Max-Age=180/i);
	expect((await tick('device', { line: 'bins-to-the-gate', by: 'bram' })).text).toContain('Done:');
	// An adult lays a cloth over their own days, not over the home's.
	const pause = (form: Record<string, string>) =>
		post(people.get('adult') as Person, '/house/pauses?/pause', {
			id: freshId(),
			from: '2027-03-20',
			to: '2027-03-21',
			reason: 'away',
			...form
		});
	expect((await pause({ scope: 'household', target: '' })).status).toBe(403);
	expect((await pause({ scope: 'member', target: 'bram' })).text).toContain('paused');
});
