/**
 * The address of this installation, which links in mail and QR codes carry: a setting, never what a request calls it, as
 * whoever sends a request chooses its name. Rules: "Addresses".
 */
import { HOUSE_ADDRESS_SAYS } from '$words/answers/access';
import { env } from 'node:process';
import { reading } from '../db/pool';
import { settingOf } from '../repo/settingRepo';

/** `ORIGIN`, else what was kept at the first start with `--home`; null where nobody has said. */
export async function houseAddress(): Promise<string | null> {
	if (env.ORIGIN) return env.ORIGIN.replace(/\/+$/, '');
	return reading((db) => settingOf(db, 'origin'));
}

/** Why a mail with a link was not sent. */
export const NO_ADDRESS = HOUSE_ADDRESS_SAYS.notSentNoAddressIs;
