/** Takes a home in from a file, and tells as it goes: one JSON line a step, the last one says how it ended. */
import { DatabaseAway } from '$server/db/pool';
import { log } from '$server/log';
import { takeHomeIn } from '$server/services/files/takeHomeIn';
import { AWAY_TEXT } from '$server/services/guard';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, locals }) => {
	const account = locals.access.signIn?.account ?? null;
	if (account === null) {
		const says = 'A home that is taken in belongs to somebody: sign up first, then take it in.';
		return new Response(`${JSON.stringify({ problems: [{ at: 'the door', says }] })}\n`, {
			status: 401,
			headers: { 'Content-Type': 'application/x-ndjson; charset=utf-8' }
		});
	}
	const form = await request.formData();
	const file = form.get('file');
	const id = String(form.get('id') ?? '');
	const encoder = new TextEncoder();
	const lines = new TransformStream<Uint8Array, Uint8Array>();
	const writer = lines.writable.getWriter();
	const tell = (line: Record<string, unknown>) =>
		void writer.write(encoder.encode(`${JSON.stringify(line)}\n`)).catch(() => undefined);
	const work = async () => {
		try {
			if (!(file instanceof File) || file.size === 0)
				return tell({ problems: [{ at: 'the file', says: 'Choose a file first.' }] });
			if (!/^[0-9a-f-]{36}$/.test(id))
				return tell({
					problems: [{ at: 'the page', says: 'This page is too old. Reload it and try again.' }]
				});
			const taken = await takeHomeIn(new Uint8Array(await file.arrayBuffer()), id, account, tell);
			tell('household' in taken ? { ok: true, household: taken.household } : { problems: taken.problems });
		} catch (cause) {
			if (!(cause instanceof DatabaseAway)) log.error({ err: cause }, 'import');
			tell({
				problems: [
					{
						at: 'the record book',
						says:
							cause instanceof DatabaseAway ? AWAY_TEXT : 'It could not be taken in, and nothing was written.'
					}
				]
			});
		} finally {
			await writer.close().catch(() => undefined);
		}
	};
	void work();
	return new Response(lines.readable, { headers: { 'Content-Type': 'application/x-ndjson; charset=utf-8' } });
};
