/** What the app needs on a machine: node modules, and programs from Debian's packages. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { run, which } from './run.mjs';
import { Missing, tell } from './tell.mjs';

export function needNode() {
	const [major, minor] = process.versions.node.split('.').map(Number);
	if (major < 20 || (major === 20 && minor < 19)) {
		throw new Missing(
			`Node.js 20.19 or newer is needed; this is ${process.versions.node}. Install a newer Node.js and start again.`
		);
	}
}

/** Installs the node modules where they are missing or the lock file has changed. */
export async function needModules() {
	const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
	const mark = 'node_modules/.pail-lock';
	if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
	tell('Installing node modules …');
	// Not `npm ci`: it refuses a lock file that lacks packages of other platforms which a registry may not carry.
	const { code, output } = await run(
		'npm',
		['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'],
		{ capture: true }
	);
	if (code !== 0) {
		throw new Missing(
			`The node modules could not be installed. Is the npm registry reachable?\n${output.trim()}`
		);
	}
	mkdirSync('node_modules', { recursive: true });
	writeFileSync(mark, lock);
}

/** The Python of the system with a module of a Debian package: a second reader of calendars, for the tests. */
export async function needPythonModule(module, packageName, purpose) {
	const has = () =>
		existsSync('/usr/bin/python3') &&
		spawnSync('/usr/bin/python3', ['-c', `import ${module}`], { stdio: 'ignore' }).status === 0;
	if (has()) return;
	await installPackage(packageName, purpose, `python3 with ${module}`);
	if (!has()) throw new Missing(`${packageName} is installed, and /usr/bin/python3 still cannot read it.`);
}

/** Finds a program; installs its Debian package where it is missing and that may be done. */
export async function needProgram(program, packageName, purpose) {
	const found = which(program);
	if (found) return found;
	await installPackage(packageName, purpose, program);
	const path = which(program);
	if (!path) throw new Missing(`${packageName} is installed, and ${program} is still not to be found.`);
	return path;
}

async function installPackage(packageName, purpose, program) {
	const byHand = `Install it with: apt-get install ${packageName}`;
	if (!which('apt-get')) {
		throw new Missing(
			`${program} is missing (${purpose}), and this machine has no apt-get to install it with. Install ${packageName} in this system's own way and start again.`
		);
	}
	if (process.getuid?.() !== 0) {
		throw new Missing(
			`${program} is missing (${purpose}), and only root may install it. ${byHand} (as root), and start again.`
		);
	}
	tell(`Installing ${packageName} from Debian's packages (${purpose}) …`);
	const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
	const update = await run('apt-get', ['update', '-q'], { capture: true, env });
	const install = await run('apt-get', ['install', '-y', '-q', '--no-install-recommends', packageName], {
		capture: true,
		env
	});
	if (install.code !== 0) {
		throw new Missing(
			`${packageName} could not be installed. ${byHand}, and start again.\n${(update.output + install.output).trim().split('\n').slice(-12).join('\n')}`
		);
	}
}
