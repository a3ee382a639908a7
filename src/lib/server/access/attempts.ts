/**
 * How often something may be tried. Leaky buckets in the database: they survive a restart and count for all
 * processes. A bucket is of an address, or of a device that was let in before, never of an account alone: nobody
 * outside can fill the bucket of somebody's own phone.
 */
import { type Limit, MINUTE } from '../repo/attemptRepo';

export const LIMITS = {
	/** One address at one account. */
	signIn: { tries: 8, over: 15 * MINUTE },
	/** One address at any account. */
	address: { tries: 40, over: 15 * MINUTE },
	/** All unknown devices together at one account. */
	account: { tries: 60, over: 60 * MINUTE },
	pin: { tries: 5, over: 10 * MINUTE },
	join: { tries: 20, over: 15 * MINUTE },
	reset: { tries: 5, over: 60 * MINUTE },
	second: { tries: 6, over: 10 * MINUTE },
	signUp: { tries: 10, over: 60 * MINUTE },
	/** First steps that are begun from one address. */
	draft: { tries: 60, over: 60 * MINUTE }
} as const satisfies Record<string, Limit>;
