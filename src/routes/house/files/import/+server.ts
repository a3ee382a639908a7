/** Takes a home in from a file, and tells as it goes: one JSON line a step, the last one says how it ended. */
import { HOUSE_FILES_IMPORT_SERVER_SAYS } from '$words/answers/routes';
import { DatabaseAway, DiskFull } from '$server/db/pool';
import { log } from '$server/log';
import { takeHomeIn } from '$server/services/files/takeHomeIn';
import { AWAY_TEXT, FULL_TEXT } from '$server/services/guard';
import type { RequestHandler } from './$types';

const MOST = 64 * 1024 * 1024;
const TOO_LARGE = HOUSE_FILES_IMPORT_SERVER_SAYS.theFileIsLargerThan;

/** The body as it comes in, no more of it than may be; null where it is more. */
async function bodyOf(request: Request): Promise<Uint8Array | null> {
	const pieces: Uint8Array[] = [];
	let length = 0;
	const reader = request.body?.getReader();
	for (let piece = await reader?.read(); piece && !piece.done; piece = await reader?.read()) {
		length += piece.value.length;
		if (length > MOST) {
			await reader?.cancel();
			return null;
		}
		pieces.push(piece.value);
	}
	return Buffer.concat(pieces, length);
}

const saysOf = (cause: unknown) =>
	cause instanceof DiskFull
		? FULL_TEXT
		: cause instanceof DatabaseAway
			? AWAY_TEXT
			: HOUSE_FILES_IMPORT_SERVER_SAYS.itCouldNotBeTaken;

export const POST: RequestHandler = async ({ request, locals, url }) => {
	const account = locals.access.signIn?.account ?? null;
	if (account === null) {
		const says = HOUSE_FILES_IMPORT_SERVER_SAYS.aHomeThatIsTaken;
		return new Response(
			`${JSON.stringify({ problems: [{ at: HOUSE_FILES_IMPORT_SERVER_SAYS.at.door, says }] })}\n`,
			{
				status: 401,
				headers: { 'Content-Type': 'application/x-ndjson; charset=utf-8' }
			}
		);
	}
	const id = url.searchParams.get('id') ?? '';
	const encoder = new TextEncoder();
	const lines = new TransformStream<Uint8Array, Uint8Array>();
	const writer = lines.writable.getWriter();
	const tell = (line: Record<string, unknown>) =>
		void writer.write(encoder.encode(`${JSON.stringify(line)}\n`)).catch(() => undefined);
	const work = async () => {
		try {
			const bytes = await bodyOf(request);
			if (bytes === null)
				return tell({ problems: [{ at: HOUSE_FILES_IMPORT_SERVER_SAYS.at.whole, says: TOO_LARGE }] });
			if (bytes.length === 0)
				return tell({
					problems: [
						{
							at: HOUSE_FILES_IMPORT_SERVER_SAYS.at.file,
							says: HOUSE_FILES_IMPORT_SERVER_SAYS.chooseAFileFirst
						}
					]
				});
			if (!/^[0-9a-f-]{36}$/.test(id))
				return tell({
					problems: [
						{
							at: HOUSE_FILES_IMPORT_SERVER_SAYS.at.page,
							says: HOUSE_FILES_IMPORT_SERVER_SAYS.thisPageIsTooOld
						}
					]
				});
			const taken = await takeHomeIn(bytes, id, account, tell);
			tell('household' in taken ? { ok: true, household: taken.household } : { problems: taken.problems });
		} catch (cause) {
			if (!(cause instanceof DatabaseAway)) log.error({ err: cause }, 'import');
			tell({
				problems: [
					{
						at: HOUSE_FILES_IMPORT_SERVER_SAYS.at.server,
						says: saysOf(cause)
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
