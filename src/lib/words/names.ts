/** Names of people, as they are shown. */
import type { PreparedHome } from '$core/schedule/preparedHome';

export function memberName(home: PreparedHome, id: string | null): string {
	return home.members.find((m) => m.id === id)?.name ?? '';
}
