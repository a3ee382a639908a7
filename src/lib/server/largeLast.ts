/** What every page loads, and the page itself: most of the script. */
const LARGE = /\/entry\/start\.|\/nodes\/[1-9]\d*\./;

/**
 * The header that names the files of a page (`Link`), the large ones last. A browser asks for six at a time, in this order:
 * before the large ones come the letters, both together, so that a page is laid out anew for them once, and the small files,
 * which are mostly waited for.
 */
export function largeLast(link: string): string {
	const files = link.split(', ');
	return [...files.filter((one) => !LARGE.test(one)), ...files.filter((one) => LARGE.test(one))].join(', ');
}
