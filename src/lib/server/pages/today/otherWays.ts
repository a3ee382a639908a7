/** Every other way to clean, with what it would do now. */
import { readLoad } from '$core/laundry/laundry';
import { minutesToDo, sittingMinutesOn } from '$core/schedule/agenda';
import type { OtherWayView } from '$views/today';
import { OTHER_WAYS } from '$words/today';
import type { Facts } from './todayFacts';
import { zonesHaveDays } from '$core/schedule/zoneItems';
import { zoneView } from './zoneOfDay';

export function otherWays(facts: Facts, me: string): OtherWayView[] {
	const { home, hung, running, day, loads, toWash, query } = facts;
	const basics = hung.parts[running].filter((line) => line.line.job.layer === 'basics');
	const zone = zoneView(facts);
	const stages = loads.map((load) => readLoad(load, query.now).stage);
	const waiting = toWash.length;
	const going = stages.filter((stage) => stage !== 'waiting' && stage !== 'away').length;
	const ways: Omit<OtherWayView, 'href'>[] = [
		{
			key: 'basics',
			label: OTHER_WAYS.basics[running],
			line: OTHER_WAYS.basicsLine(
				basics.length,
				basics.reduce((sum, line) => sum + minutesToDo(line), 0)
			)
		},
		{ key: 'round', label: OTHER_WAYS.round, line: OTHER_WAYS.roundLine },
		{
			key: 'zone',
			label: OTHER_WAYS.zone(zone?.mark.name ?? null, sittingMinutesOn(home, day)),
			line: day.zone?.clearing
				? OTHER_WAYS.zoneClearing
				: OTHER_WAYS.zoneLine(zone && zone.counted - zone.settled, zonesHaveDays(home.home))
		},
		{ key: 'clearing', label: OTHER_WAYS.clearing, line: OTHER_WAYS.clearingLine },
		{ key: 'visitors', label: OTHER_WAYS.visitors, line: OTHER_WAYS.visitorsLine },
		{ key: 'reset', label: OTHER_WAYS.reset, line: OTHER_WAYS.resetLine },
		{ key: 'detail', label: OTHER_WAYS.detail, line: OTHER_WAYS.detailLine },
		{ key: 'bigday', label: OTHER_WAYS.bigday, line: OTHER_WAYS.bigdayLine },
		{ key: 'laundry', label: OTHER_WAYS.laundry, line: OTHER_WAYS.laundryLine(going, waiting) }
	];
	return ways.map((way) => ({
		...way,
		href: way.key === 'laundry' ? '/laundry' : `/timer?kind=${way.key}&for=${me}`
	}));
}
