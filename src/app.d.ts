declare global {
	namespace App {
		interface Error {
			message: string;
			/** What the reader can do about it. */
			remedy?: string;
		}
		interface Locals {
			/** The current home; empty before there is one. */
			householdId: string;
			isDemo: boolean;
			/** Who looks at the current home; null for nobody that it knows. */
			viewer: import('$core/people/permissions').Viewer | null;
			/** The member whose device this is taken to be. */
			me: string | null;
			access: import('$server/access/door').Access;
			homes: readonly import('$server/repo/homeRepo').HouseholdRow[];
		}
	}
}
export {};
