/** What is typed at the doors: each form is read once, by its schema, and goes back to the page as it was read. */
import { message, superValidate, type SuperValidated } from 'sveltekit-superforms/server';
import { zod4 } from 'sveltekit-superforms/adapters';
import { z } from 'zod';
import { DOORS_SAYS } from '$words/answers/access';
import { emailField, passwordProblem, pinProblem } from './rules';

/** To come in with: what is no address is answered as one that nobody has. */
const knownEmail = z.string().overwrite((text) => text.trim().toLowerCase().slice(0, 254));
const knownPassword = z.string().overwrite((text) => text.slice(0, 400));

export const signInForm = z.object({ email: knownEmail, password: knownPassword });

export const secondForm = z.object({ code: z.string() });

export const signUpForm = z
	.object({ email: emailField, password: z.string() })
	.superRefine(({ email, password }, context) => {
		const problem = passwordProblem(password, email);
		if (problem !== null) context.addIssue({ code: 'custom', path: ['password'], message: problem });
	});

export const askResetForm = z.object({ email: emailField });

export const setPasswordForm = z.object({ code: z.string(), password: z.string() });

export const joinForm = z.object({ code: z.string() });

/** The password asked for once more, before something that whoever finds a device open must not do. */
export const passwordAgainForm = z.object({ old: knownPassword });

export const changePasswordForm = z.object({ old: knownPassword, password: z.string() });

/** Whose way in it is, of those at home. */
const member = z.string().max(60);

export const mailForm = z.object({ member, email: emailField });

/** Without a PIN: none is asked for any more. */
export const pinForm = z.object({ member, pin: z.string().trim() }).superRefine(({ pin }, context) => {
	const problem = pin === '' ? null : pinProblem(pin);
	if (problem !== null) context.addIssue({ code: 'custom', path: ['pin'], message: problem });
});

export const deviceForm = z.object({
	name: z.string().trim().min(1, DOORS_SAYS.giveTheDeviceAName).max(60, DOORS_SAYS.aDevicesNameIsTooLong)
});

/** What is typed goes back to be mended, but never a password, a PIN or a code. */
const SECRET = ['password', 'old', 'code', 'pin'] as const;

type DoorSchema = z.ZodType<Record<string, string>, Record<string, string>>;

/** An empty form for a page. */
export const doorForm = <S extends DoorSchema>(schema: S, id: string) => superValidate(zod4(schema), { id });

/** Reads a form: what was typed, and the answer to it, which holds no secrets. */
export async function readDoorForm<S extends DoorSchema>(schema: S, data: FormData, id: string) {
	const form = await superValidate(data, zod4(schema), { id });
	const typed = { ...form.data };
	const shown = form.data as Record<string, string>;
	for (const name of SECRET) if (shown[name] !== undefined) shown[name] = '';
	return { typed, form };
}

/** A refusal of a form as a whole. */
export const refuse = <F extends SuperValidated<Record<string, unknown>>>(
	form: F,
	text: string,
	status: 400 | 409 | 429 = 400
) => message(form, text, { status });
