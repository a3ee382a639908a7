import {
	changePasswordForm,
	doorForm,
	passwordAgainForm,
	secondForm,
	signUpForm
} from '$server/access/doorForms';
import { loadOwn } from '$server/pages/access/doors';
import { deleteAccount } from '$server/services/access/deletion';
import {
	beginSecond,
	changePassword,
	endSecond,
	outOwn,
	proveSecond,
	takeAccount
} from '$server/services/access/ownKeys';
import { loading } from '$server/services/guard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => ({
	view: await loading(() => loadOwn(event)),
	forms: {
		password: await doorForm(changePasswordForm, 'password'),
		second: await doorForm(passwordAgainForm, 'second'),
		prove: await doorForm(secondForm, 'prove'),
		noSecond: await doorForm(passwordAgainForm, 'noSecond'),
		account: await doorForm(signUpForm, 'account'),
		delete: await doorForm(passwordAgainForm, 'delete')
	}
});

export const actions: Actions = {
	password: async (event) => changePassword(event, await event.request.formData()),
	out: async (event) => outOwn(event, await event.request.formData(), false),
	outAll: async (event) => outOwn(event, await event.request.formData(), true),
	second: async (event) => beginSecond(event, await event.request.formData()),
	prove: async (event) => proveSecond(event, await event.request.formData()),
	noSecond: async (event) => endSecond(event, await event.request.formData()),
	account: async (event) => takeAccount(event, await event.request.formData()),
	delete: async (event) => deleteAccount(event, await event.request.formData())
};
