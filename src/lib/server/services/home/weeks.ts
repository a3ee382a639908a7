/** Weeks of the zones are swapped, once or from one on, and taken back. */
import { parseDay } from '$core/calendar/civil';
import { shiftWeeks, swapWeeks, unswapWeeks } from '$core/setup/swapWeeks';
import { SWAP } from '$words/schedule';
import { editHome } from './editHome';

export function editWeeks(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, today, text }) => {
			if (text('op') === 'back')
				return unswapWeeks(home, text('kind') === 'shift' ? 'shift' : 'swap', Number(text('at')));
			const [week, other] = [parseDay(text('week')), parseDay(text('with'))];
			if (week === null || other === null) return SWAP.chooseBoth;
			return text('how') === 'on'
				? shiftWeeks(home, week, other, today)
				: swapWeeks(home, week, other, today);
		},
		({ text }) =>
			text('op') === 'back' ? SWAP.takenBack : text('how') === 'on' ? SWAP.shifted : SWAP.swapped
	);
}
