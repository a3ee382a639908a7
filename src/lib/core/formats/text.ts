/** Text of a file from its bytes: which encoding it is in, and whether it is text at all. */

export type ReadText =
	| { readonly ok: true; readonly text: string; readonly note: string | null }
	| { readonly ok: false; readonly says: string };

const starts = (bytes: Uint8Array, ...head: number[]) => head.every((byte, i) => bytes[i] === byte);

/**
 * Reads UTF-8 (with or without a mark), UTF-16 with its mark, and, where `latin` is allowed and it is no UTF-8,
 * Windows-1252 with a note. Packed files are refused: nothing is unpacked here.
 */
export function readText(bytes: Uint8Array, latin: boolean): ReadText {
	if (bytes.length === 0) return { ok: false, says: 'The file is empty. Choose another.' };
	if (
		starts(bytes, 0x1f, 0x8b) ||
		starts(bytes, 0x50, 0x4b, 0x03, 0x04) ||
		starts(bytes, 0x42, 0x5a, 0x68) ||
		starts(bytes, 0x37, 0x7a, 0xbc)
	)
		return { ok: false, says: 'The file is packed. Unpack it first, and give the file inside.' };
	if (starts(bytes, 0xff, 0xfe))
		return {
			ok: true,
			text: new TextDecoder('utf-16le').decode(bytes.subarray(2)),
			note: 'It was in UTF-16.'
		};
	if (starts(bytes, 0xfe, 0xff))
		return {
			ok: true,
			text: new TextDecoder('utf-16be').decode(bytes.subarray(2)),
			note: 'It was in UTF-16.'
		};
	const body = starts(bytes, 0xef, 0xbb, 0xbf) ? bytes.subarray(3) : bytes;
	try {
		const text = new TextDecoder('utf-8', { fatal: true }).decode(body);
		if (text.includes('\u0000'))
			return { ok: false, says: 'This is no text. Choose the file that was exported here.' };
		return { ok: true, text, note: null };
	} catch {
		if (!latin)
			return {
				ok: false,
				says: 'The text is not in UTF-8, or it is cut off in the middle. Save it as UTF-8 and try again.'
			};
		return {
			ok: true,
			text: new TextDecoder('windows-1252').decode(body),
			note: 'It was not in UTF-8; it was read as Windows-1252 (Latin-1). Look at the letters with accents.'
		};
	}
}
