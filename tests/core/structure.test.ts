import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { parse } from 'svelte/compiler';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

function filesBelow(dir: string): string[] {
	if (!existsSync(dir)) return [];
	return readdirSync(dir).flatMap((name) => {
		const path = join(dir, name);
		return statSync(path).isDirectory() ? filesBelow(path) : [path];
	});
}

const importsOf = (file: string) =>
	[...readFileSync(file, 'utf8').matchAll(/(?:from|import)\s+'([^']+)'/g)].map((match) => match[1] as string);

const ALIASES: Readonly<Record<string, string>> = {
	$core: 'src/lib/core',
	$words: 'src/lib/words',
	$views: 'src/lib/views',
	$server: 'src/lib/server',
	$ui: 'src/lib/ui'
};

/** The file or folder below src that an import names; null for a package. */
function targetOf(file: string, spec: string): string | null {
	if (spec.startsWith('.')) return normalize(join(dirname(file), spec));
	const [alias = '', ...rest] = spec.split('/');
	return ALIASES[alias] ? join(ALIASES[alias], ...rest) : null;
}

/** The layer of a path: core, words, views, server, ui, workers or routes. */
const layerOf = (path: string) =>
	/^src\/lib\/(core|words|views|server|ui|workers)\b/.exec(path)?.[1] ??
	(path.startsWith('src/routes') ? 'routes' : null);

/** What each layer may import beside itself: routes → ui, server → words, views → core. */
const MAY: Readonly<Record<string, readonly string[]>> = {
	core: [],
	views: ['core'],
	words: ['core', 'views'],
	server: ['core', 'views', 'words'],
	workers: ['core', 'views', 'words'],
	ui: ['core', 'views', 'words', 'workers'],
	routes: ['core', 'views', 'words', 'ui', 'server']
};

/** Folders of a layer that import each other in a circle, each named once. */
function circles(root: string): string[] {
	const edges = new Map<string, Set<string>>();
	for (const file of filesBelow(root)) {
		const from =
			dirname(file)
				.slice(root.length + 1)
				.split('/')[0] ?? '';
		for (const spec of importsOf(file)) {
			const target = targetOf(file, spec);
			if (!target?.startsWith(`${root}/`)) continue;
			const to = target.slice(root.length + 1).split('/')[0] ?? '';
			if (to !== from && statSync(join(root, to), { throwIfNoEntry: false })?.isDirectory())
				edges.set(from, (edges.get(from) ?? new Set()).add(to));
		}
	}
	const found: string[] = [];
	const seen = new Set<string>();
	const walk = (at: string, path: readonly string[]): void => {
		const back = path.indexOf(at);
		if (back >= 0) {
			found.push([...path.slice(back), at].join(' → '));
			return;
		}
		if (seen.has(at)) return;
		seen.add(at);
		for (const next of edges.get(at) ?? []) walk(next, [...path, at]);
	};
	for (const folder of edges.keys()) walk(folder, []);
	return found;
}

describe('imports run one way', () => {
	const sources = filesBelow('src').filter((file) => /\.(ts|svelte)$/.test(file));
	it('between the layers', () => {
		const wrong = sources.flatMap((file) => {
			const from = layerOf(file);
			if (!from) return [];
			return importsOf(file).flatMap((spec) => {
				const target = targetOf(file, spec);
				const to = target && layerOf(target);
				return to && to !== from && !MAY[from]?.includes(to) ? [`${file} imports ${spec}`] : [];
			});
		});
		expect(wrong).toEqual([]);
	});
	it('the core imports nothing from outside but dates and schemas', () => {
		const wrong = filesBelow('src/lib/core').flatMap((file) =>
			importsOf(file)
				.filter((spec) => !spec.startsWith('.') && spec !== 'zod' && spec !== 'temporal-polyfill')
				.map((spec) => `${file} imports ${spec}`)
		);
		expect(wrong).toEqual([]);
	});
	it.each(['src/lib/core', 'src/lib/server'])('without circles between the folders of %s', (root) => {
		expect(circles(root)).toEqual([]);
	});
	it('the planner knows no sessions, and does not import its checker', () => {
		for (const file of filesBelow('src/lib/core/planner')) {
			expect(importsOf(file).join(), file).not.toMatch(/\/session\//);
			if (!file.endsWith('checkPlan.ts')) expect(importsOf(file).join(), file).not.toMatch(/checkPlan/);
		}
	});
	it('SQL stands in repositories and the database folder alone', () => {
		const statement =
			/`\s*(SELECT|INSERT|UPDATE|DELETE|REPLACE)\b|['"](SELECT|INSERT INTO|UPDATE|DELETE FROM|REPLACE INTO) /;
		const wrong = filesBelow('src')
			.filter((file) => !/^src\/lib\/server\/(repo|db)\//.test(file))
			.filter((file) => statement.test(readFileSync(file, 'utf8')));
		expect(wrong).toEqual([]);
	});
	it('components name no raw colours', () => {
		for (const file of [...filesBelow('src/lib/ui'), ...filesBelow('src/routes')].filter((f) =>
			f.endsWith('.svelte')
		)) {
			expect(readFileSync(file, 'utf8'), file).not.toMatch(
				/#[0-9a-fA-F]{3,8}\b(?![-\w])(?=[;"')\s])|rgba?\(|hsl\(/
			);
		}
	});
	it('the core asks no clock and no chance', () => {
		for (const file of filesBelow('src/lib/core')) {
			expect(readFileSync(file, 'utf8'), file).not.toMatch(/Date\.now|new Date\(\)|Math\.random/);
		}
	});
	it('no comment points to a page outside the repository', () => {
		for (const file of sources) expect(readFileSync(file, 'utf8'), file).not.toMatch(/handbook/i);
	});
});

describe('the words', () => {
	/** What is read aloud or seen of an element beside what stands in it. */
	const READ = ['label', 'title', 'aria-label', 'placeholder', 'says', 'help', 'about', 'alt'];
	const isWord = (node: unknown): node is { data: string } =>
		typeof node === 'object' &&
		node !== null &&
		(node as { type?: string }).type === 'Text' &&
		/[A-Za-z]{2,}/.test((node as { data: string }).data);
	/** The words that stand in the markup of a part: in its text, and in what is read of its elements. */
	function wordsIn(node: unknown): string[] {
		if (typeof node !== 'object' || node === null) return [];
		if (Array.isArray(node)) return node.flatMap(wordsIn);
		const one = node as Record<string, unknown>;
		if (one.type === 'StyleDirective') return [];
		if (one.type === 'Attribute') {
			const isRead = READ.includes(String(one.name)) && Array.isArray(one.value);
			return isRead ? (one.value as unknown[]).filter(isWord).map((text) => text.data) : [];
		}
		if (isWord(one)) return [one.data.trim()];
		return Object.entries(one)
			.filter(([key]) => !['css', 'instance', 'module', 'metadata', 'parent'].includes(key))
			.flatMap(([, value]) => wordsIn(value));
	}
	it('stand in the words, not in the markup; the parts of the kit at work show made-up ones', () => {
		const found = filesBelow('src')
			.filter((file) => file.endsWith('.svelte') && !/\/kit\/show\/|routes\/kit\//.test(file))
			.flatMap((file) =>
				wordsIn(parse(readFileSync(file, 'utf8'), { modern: true }).fragment).map(
					(word) => `${file}: ${word}`
				)
			);
		expect(found).toEqual([]);
	});

	/** Two words in a row, in a text of a script. */
	const PHRASE = /[A-Za-z’]{2,} [A-Za-z’]{2,}/;
	/** SQL, utilities of the style and measures: made of words, and nobody reads them. */
	const NOT_READ =
		/\b(SELECT|INSERT|UPDATE|DELETE|CREATE|ALTER|WHERE|FROM|VALUES|JOIN|LOCK)\b|[[\]{}<>:;=]|\w-\w|\w\(|\bflex\b/;
	/** What these are given is read by developers, in a log or in an error. */
	const FOR_DEVELOPERS =
		/(^|\.)(read|\w*Error|Missing|followingId|tryAt|forgive|Symbol|debug|log|warn|error|info)$/;
	/** What a person of the home would read, as it stands in a script; `…` is where something is put in. */
	function phrasesIn(file: string): string[] {
		const text = readFileSync(file, 'utf8');
		const script = file.endsWith('.svelte')
			? [...text.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g)].map((one) => one[1]).join('\n')
			: text;
		const source = ts.createSourceFile(file, script, ts.ScriptTarget.Latest, true);
		const found: string[] = [];
		const visit = (node: ts.Node): void => {
			if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
			if (
				(ts.isCallExpression(node) || ts.isNewExpression(node)) &&
				FOR_DEVELOPERS.test(node.expression.getText(source))
			)
				return;
			const words = ts.isStringLiteralLike(node)
				? node.text
				: ts.isTemplateExpression(node)
					? node.head.text + node.templateSpans.map((span) => `…${span.literal.text}`).join('')
					: '';
			if (PHRASE.test(words) && !NOT_READ.test(words)) found.push(`${file}: ${words}`);
			ts.forEachChild(node, visit);
		};
		visit(source);
		return found;
	}
	it('and not in the scripts of pages and parts, nor in what the house answers', () => {
		/** Made-up names of the demo and of the kit at work, words that a command is known by, and causes of a fault. */
		const MAY = /\/server\/(demo|db|repo|calendarText)\/|\/kit\/show\/|\/command\/saying\.ts/;
		const found = ['src/lib/server', 'src/lib/ui', 'src/routes']
			.flatMap(filesBelow)
			.concat('src/hooks.server.ts', 'src/hooks.client.ts')
			.filter((file) => /\.(ts|svelte)$/.test(file) && !MAY.test(file))
			.flatMap(phrasesIn);
		expect(found).toEqual([]);
	});
});

describe('the rules', () => {
	it('that docstrings name stand in docs/rules', () => {
		const headings = new Set(
			filesBelow('docs/rules').flatMap((file) =>
				[...readFileSync(file, 'utf8').matchAll(/^#+ (.+)$/gm)].map((match) => match[1])
			)
		);
		const missing = filesBelow('src/lib').flatMap((file) =>
			[...readFileSync(file, 'utf8').matchAll(/Rules: "([^"]+)"/g)]
				.map((match) => (match[1] as string).replace(/\s*\n\s*\*\s*/g, ' '))
				.filter((heading) => !headings.has(heading))
				.map((heading) => `${file}: ${heading}`)
		);
		expect(missing).toEqual([]);
	});
});
