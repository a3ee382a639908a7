/** Builds and serves one bare page of the framework, and keeps its HTML: what Today's script is held against. */
import { execFileSync } from 'node:child_process';
import { mkdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join, resolve } from 'node:path';

const dir = resolve(process.argv[2]);
mkdirSync(join(dir, 'src/routes'), { recursive: true });
symlinkSync(resolve('node_modules'), join(dir, 'node_modules'));
const write = (name, text) => writeFileSync(join(dir, name), text);
write('package.json', JSON.stringify({ type: 'module' }));
write(
	'svelte.config.js',
	"import adapter from '@sveltejs/adapter-node'; export default { kit: { adapter: adapter() } };"
);
write(
	'vite.config.js',
	"import { sveltekit } from '@sveltejs/kit/vite'; export default { plugins: [sveltekit()] };"
);
write(
	'src/app.html',
	'<!doctype html><html><head>%sveltekit.head%</head><body><div>%sveltekit.body%</div></body></html>'
);
write('src/routes/+page.svelte', '<h1>Hello</h1>');
execFileSync('npx', ['vite', 'build'], { cwd: dir, stdio: 'ignore' });
const { handler } = await import(join(dir, 'build/handler.js'));
const server = createServer(handler).listen(0, '127.0.0.1', async () => {
	const answer = await fetch(`http://127.0.0.1:${server.address().port}/`);
	const times = [];
	for (let i = 0; i < 60; i++) {
		const begin = performance.now();
		await (await fetch(`http://127.0.0.1:${server.address().port}/`)).text();
		times.push(performance.now() - begin);
	}
	write('page.ms', String(times.sort((a, b) => a - b)[30]));
	write('page.html', (await answer.text()) + (answer.headers.get('link') ?? ''));
	process.exit(0);
});
