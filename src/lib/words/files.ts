/** The words of backups, tables and calendars. */

export const CALENDAR_FEED = {
	says: 'The plan in your own calendar program, by a secret address. Whoever has the address can read it.',
	todos: 'To-dos instead of events',
	todosLine: 'The addresses below then give each job as a task for a to-do list.'
} as const;
