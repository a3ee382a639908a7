/** The parts of a day, in their order. Rules: "Days and weeks". */
export const DAY_PARTS = ['morning', 'midday', 'evening'] as const;
export type DayPart = (typeof DAY_PARTS)[number];
