/** The bench measures services without the framework around them: what they import of it, and do not use, is empty. */
import { register } from 'node:module';

const EMPTY = 'data:text/javascript,';
const HOOKS = `export const resolve = (name, context, next) =>
	name.startsWith('$app/') ? { url: '${EMPTY}', shortCircuit: true } : next(name, context);`;

register(EMPTY + encodeURIComponent(HOOKS));
