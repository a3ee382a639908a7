/** Counts what the interface is built of, and fails where more of it is left than is allowed. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
	.filter((file) => file.endsWith('.svelte'))
	.map((file) => ({ file, text: readFileSync(join('src', file), 'utf8') }));

const native = /<select\b|type="(?:date|time)"/g;
const colour = /#[0-9a-f]{3,8}\b(?![^<]*url\()|\b(?:rgb|hsl)a?\(/gi;
const styleOf = (text) => /<style[^>]*>([\s\S]*?)<\/style>/.exec(text)?.[1] ?? '';
const linesOf = (text) => (text === '' ? 0 : text.split('\n').length);
const count = (pattern, of) =>
	files.reduce((sum, one) => sum + (of(one.text).match(pattern)?.length ?? 0), 0);

/** What is counted, how many there are, and how many there may be: these only ever become fewer. */
const figures = [
	['native selects, date and time fields', count(native, (text) => text), 0],
	['colours outside the tokens in styles', count(colour, styleOf), 0],
	['lines in <style> blocks', files.reduce((sum, one) => sum + linesOf(styleOf(one.text)), 0), 2195],
	[
		'pages over 300 lines',
		files.filter((one) => one.file.endsWith('+page.svelte') && linesOf(one.text) > 300).length,
		0
	]
];
let over = 0;
for (const [name, found, most] of figures) {
	if (found > most) over++;
	tell(`${found > most ? 'TOO MANY' : 'ok      '} ${name}: ${found} (at most ${most})`);
}
process.exitCode = over === 0 ? 0 : 1;
