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
			homes: readonly import('$server/store/homeStore').HouseholdRow[];
		}
	}
}
export {};
