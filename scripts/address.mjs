/** `npm run address [-- ADDRESS]`: says, or sets, the address that links in mail and QR codes carry. */
import { keepAddress, readAddress } from './lib/address.mjs';
import { fail, tell } from './lib/tell.mjs';

try {
	const typed = process.argv[2];
	if (typed) tell(`Links in mail and QR codes lead to ${await keepAddress(typed)} from now on.`);
	else
		tell(
			(await readAddress()) ??
				'No address is set: mail that needs a link is not sent. Set one: npm run address -- ADDRESS'
		);
} catch (error) {
	fail(error);
}
