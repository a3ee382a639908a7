/** `npm run cases -- DIR`: runs every case file below DIR through the core. Exit 0 only if none failed. */
import { readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { runCase, SUPPORTED_KINDS } from './case-kinds';

function filesBelow(dir: string): string[] {
	return readdirSync(dir)
		.sort()
		.flatMap((name) => {
			const path = join(dir, name);
			if (statSync(path).isDirectory()) return filesBelow(path);
			return name.endsWith('.json') ? [path] : [];
		});
}

const dir = process.argv[2];
if (!dir) {
	console.error('Say which folder: npm run cases -- DIR');
	process.exit(2);
}
let files: string[];
try {
	files = filesBelow(dir);
} catch (error) {
	console.error(`Cannot read ${dir}: ${(error as Error).message}`);
	process.exit(2);
}
let passed = 0;
let failed = 0;
const unsupported = new Map<string, number>();
for (const file of files) {
	let outcome: { ok: boolean; expected: unknown; came: unknown };
	try {
		const text = JSON.parse(readFileSync(file, 'utf8'));
		if (!SUPPORTED_KINDS.includes(text.kind)) {
			unsupported.set(String(text.kind), (unsupported.get(String(text.kind)) ?? 0) + 1);
			continue;
		}
		outcome = runCase(text);
	} catch (error) {
		outcome = { ok: false, expected: 'a readable case', came: String(error) };
	}
	if (outcome.ok) passed++;
	else {
		failed++;
		console.log(
			`${file}: expected ${JSON.stringify(outcome.expected)}, came ${JSON.stringify(outcome.came)}`
		);
	}
}
for (const [kind, count] of unsupported) console.log(`kind not supported yet: ${kind} (${count} cases)`);
if (files.length === 0) console.log(`no case found below ${dir}`);
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : passed === 0 || unsupported.size > 0 ? 2 : 0;
