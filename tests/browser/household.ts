/** A home of a family's own, with everybody in it at a device of theirs: for tests of doors and roles. */
import { readFileSync } from 'node:fs';
import { request, type APIRequestContext, type Browser, type BrowserContext } from '@playwright/test';
import { expect, PASSWORD, type Stack } from './stack';

export interface Person {
	readonly api: APIRequestContext;
	/** The cookies that it has by now, for a browser. */
	state(): ReturnType<APIRequestContext['storageState']>;
}

let madeIds = 0;
export const freshId = () =>
	`01900000-0000-7000-9000-${String(Date.now() % 1e6).padStart(6, '0')}${String(madeIds++).padStart(6, '0')}`;

export async function person(stack: Stack): Promise<Person> {
	const api = await request.newContext({ baseURL: stack.url, extraHTTPHeaders: { origin: stack.url } });
	return { api, state: () => api.storageState() };
}

/** Sends a form; the answer as the framework gives it to its own pages. */
export async function post(
	who: Person,
	path: string,
	form: Record<string, string>
): Promise<{ status: number; text: string }> {
	const response = await who.api.post(path, {
		form,
		headers: { accept: 'application/json', 'x-sveltekit-action': 'true' },
		maxRedirects: 0,
		// A connection that rested is closed by the server, now and then while something is on its way to it.
		maxRetries: 2
	});
	const text = await response.text();
	const told = /"status":(\d+)/.exec(text)?.[1];
	return { status: told ? Number(told) : response.status(), text };
}

export interface Family {
	readonly email: string;
	readonly household: string;
	readonly organiser: Person;
	/** An invitation for a member, or for a new device of the family: its code. */
	invite(member: string | null): Promise<string>;
	join(member: string | null): Promise<Person>;
}

/** Signs somebody up, and takes the station house in as a home of their own, or another file. */
export async function makeFamily(
	stack: Stack,
	file: Buffer = readFileSync('demo/station-house.json')
): Promise<Family> {
	const organiser = await person(stack);
	const email = `${freshId()}@family.test`;
	await post(organiser, '/sign-up?/up', { email, password: PASSWORD });
	const taken = await organiser.api.post(`/house/files/import?id=${freshId()}`, {
		headers: { 'content-type': 'application/octet-stream' },
		data: file
	});
	const household = /"household":"([0-9a-f-]+)"/.exec(await taken.text())?.[1] ?? '';
	expect(household, 'the home was taken in').not.toBe('');
	await organiser.api.post('/home', { form: { home: household } });
	const invite = async (member: string | null) => {
		const { text } = await post(
			organiser,
			member === null ? '/people/access?/device' : '/people/access?/invite',
			member === null ? { id: freshId(), name: 'Kitchen tablet' } : { id: freshId(), member }
		);
		const code = /join\?code=([A-Z2-9]{12})/.exec(text)?.[1] ?? '';
		expect(code, text).not.toBe('');
		return code;
	};
	return {
		email,
		household,
		organiser,
		invite,
		async join(member) {
			const code = await invite(member);
			const one = await person(stack);
			expect((await post(one, '/join?/come', { code })).text).toContain('redirect');
			return one;
		}
	};
}

/** A browser at which somebody is in already. */
/** Somebody who has begun a home through the first steps: three rooms, themselves and a child. */
export async function beginFamily(stack: Stack): Promise<Person> {
	const who = await person(stack);
	await post(who, '/sign-up?/up', { email: `${freshId()}@family.test`, password: PASSWORD });
	const touch = (form: Record<string, string>) => post(who, '/begin?/touch', form);
	for (const kind of ['kitchen', 'bathroom', 'child', 'living'])
		await touch({ op: 'hang', kind, storey: '0' });
	await touch({ op: 'person', name: 'Ada', role: 'adult' });
	await touch({ op: 'person', name: 'Cy', role: 'child', bornOn: '2017-05-01' });
	await touch({ op: 'begin', begin: 'all' });
	await post(who, '/begin?/start', {});
	return who;
}

export async function at(
	browser: Browser,
	stack: Stack,
	who: Person,
	options: Parameters<Browser['newContext']>[0] = {}
): Promise<BrowserContext> {
	return browser.newContext({ baseURL: stack.url, storageState: await who.state(), ...options });
}
