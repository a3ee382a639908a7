declare global {
	namespace App {
		interface Error {
			message: string;
			/** What the reader can do about it. */
			remedy?: string;
		}
		interface Locals {
			householdId: string;
		}
	}
}
export {};
