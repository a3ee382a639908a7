/** The words of the command field. */
export const SAY = {
	title: 'Type a command',
	about: 'What it will do shows before it is done.',
	enter: 'Enter does it.',
	example: '15 kitchen · done mop · wash started',
	show: 'Show what it does',
	away: 'The server does not answer just now. What you typed stays.',
	done: 'Done.',
	examples: ['15 kitchen', 'what’s overdue', 'wash started', 'visitors 30', 'declutter hall bench'],
	whatTitle: 'What you can type',
	/** What can be typed, and what that does. */
	what: [
		[['15 kitchen'], 'fifteen minutes of jobs in that room'],
		[['big day', 'visitors 30', 'zone', 'tonight'], 'other ways to clean'],
		[['done mop', 'checked bench by juno'], 'writes it down'],
		[['add clean before the party saturday 20 min'], 'adds a job for one day'],
		[['bram away till friday', 'juno ill'], 'pauses their chores'],
		[['wash started', 'towels hung', 'wash folded'], 'tells where a load is'],
		[['declutter hall bench'], 'gets the decluttering ready'],
		[['what’s overdue', 'what’s on'], 'lists it']
	]
} as const;
