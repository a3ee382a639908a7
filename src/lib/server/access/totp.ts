/** The second factor: codes of an authenticator app (RFC 6238: SHA-1, six figures, thirty seconds). */
import { TOTP_SAYS } from '$words/answers/access';
import { Secret, TOTP } from 'otpauth';

const PERIOD = 30;

const totp = (secret: string, label = '') =>
	new TOTP({
		issuer: TOTP_SAYS.pailRound,
		label,
		algorithm: 'SHA1',
		digits: 6,
		period: PERIOD,
		secret: Secret.fromBase32(secret)
	});

export const newTotpSecret = (): string => new Secret({ size: 20 }).base32;

/** The address that an authenticator reads from a QR code. */
export const totpAddress = (secret: string, email: string): string => totp(secret, email).toString();

/** The time step that a code belongs to, one step early or late included; null where it is wrong. */
export function totpStep(secret: string, code: string, now: number): number | null {
	const plain = code.replace(/\s/g, '');
	if (!/^\d{6}$/.test(plain)) return null;
	const off = totp(secret).validate({ token: plain, timestamp: now, window: 1 });
	return off === null ? null : Math.floor(now / 1000 / PERIOD) + off;
}
