/** Builds the app where its sources have changed since the last build. */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './run.mjs';
import { Missing, tell } from './tell.mjs';

const SOURCES = [
	'src',
	'static',
	'package-lock.json',
	'svelte.config.js',
	'vite.config.ts',
	'vite.chunks.ts',
	'tsconfig.json'
];

function filesBelow(path) {
	if (!existsSync(path)) return [];
	if (!statSync(path).isDirectory()) return [path];
	return readdirSync(path)
		.sort()
		.flatMap((name) => filesBelow(join(path, name)));
}

export async function needBuild() {
	const hash = createHash('sha256');
	for (const file of SOURCES.flatMap(filesBelow)) hash.update(file).update(readFileSync(file));
	const now = hash.digest('hex');
	const mark = 'build/.pail-sources';
	if (existsSync(mark) && readFileSync(mark, 'utf8') === now) return;
	tell('Building …');
	const { code, output } = await run('npx', ['vite', 'build', '--logLevel', 'warn'], { capture: true });
	if (code !== 0) throw new Missing(`The build failed.\n${output.trim()}`);
	writeFileSync(mark, now);
}
