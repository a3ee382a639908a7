/** A password that is asked for once more, before what whoever finds a device open must not do. */
import { setError, type SuperValidated } from 'sveltekit-superforms/server';
import { DOORS_SAYS, waitWords } from '$words/answers/access';
import { LIMITS } from '../../access/attempts';
import { refuse } from '../../access/doorForms';
import { now } from '../../clock';
import { transaction } from '../../db/pool';
import type { Account } from '../../repo/accountRepo';
import { tryAt } from '../../repo/attemptRepo';
import { secretFits } from '../../secrets';

interface PasswordRefusal {
	readonly status: 400 | 429;
	readonly message: string;
	/** It is the password itself that is wrong: said beside its field. */
	readonly beside: boolean;
}

/** Why a password that was asked for once more does not do; null where it does. */
export async function passwordRefusal(
	account: Account | null,
	password: string,
	wrong: string = DOORS_SAYS.thePasswordIsNotRight
): Promise<PasswordRefusal | null> {
	if (!account) return { status: 400, message: DOORS_SAYS.youHaveNoPasswordHere, beside: false };
	const wait = await transaction((db) => tryAt(db, [[`password ${account.id}`, LIMITS.second]], now()));
	if (wait > 0)
		return { status: 429, message: DOORS_SAYS.tooManyTriesWaitThen(waitWords(wait)), beside: false };
	return (await secretFits(password, account.passwordHash))
		? null
		: { status: 400, message: wrong, beside: true };
}

/** A form whose password once more does not do. */
export const notThatPassword = (form: SuperValidated<{ old: string }>, refused: PasswordRefusal) =>
	refused.beside
		? setError(form, 'old', refused.message, { status: refused.status })
		: refuse(form, refused.message, refused.status);
