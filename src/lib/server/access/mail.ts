/**
 * Mail: by the server that SMTP_URL names; without one into an outbox that is read on the machine itself
 * (`npm run outbox`). What is written in the demo home always goes into the outbox, which its own page shows.
 */
import { env } from 'node:process';
import { createTransport } from 'nodemailer';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../clock';
import { reading } from '../db/pool';
import { log } from '../log';
import { putInOutbox, type Mail } from '../repo/outboxRepo';

export async function sendMail(mail: Mail, isDemo: boolean): Promise<void> {
	if (!isDemo && env.SMTP_URL) {
		await createTransport(env.SMTP_URL).sendMail({
			from: env.MAIL_FROM ?? 'Pail Round <pail-round@localhost>',
			to: mail.to,
			subject: mail.subject,
			text: mail.body
		});
		return;
	}
	const why = isDemo ? '' : 'Not sent: no mail server is set (SMTP_URL).';
	await reading((db) => putInOutbox(db, uuidv7(), mail, isDemo, now(), why));
}

/** Keeps word of a mail that could not be made, and why. */
export async function keepUnsent(mail: Mail, isDemo: boolean, why: string): Promise<void> {
	log.warn({ why }, 'mail not sent');
	await reading((db) => putInOutbox(db, uuidv7(), mail, isDemo, now(), why));
}

/** Sends after the answer has gone out, so that its time says nothing about who is known here. */
export function sendLater(make: () => Promise<Mail | null | 'kept'>, isDemo: boolean): void {
	setImmediate(() => {
		void make()
			.then((mail) => (mail && mail !== 'kept' ? sendMail(mail, isDemo) : undefined))
			.catch((cause: unknown) => log.error({ err: cause }, 'mail not sent'));
	});
}
