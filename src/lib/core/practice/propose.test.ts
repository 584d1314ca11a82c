import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { markAngle } from '../player/swingLength';
import { drillGround, practiser } from '../../../../tests/support/practice';
import { DRILLS } from './drills';
import { drillScene } from '../solve/drillScene';
import { shotToCarry } from './practiseShot';
import { propose } from './propose';

const who = practiser();
const ground = (change = {}) => drillGround({ toEdge: 2, room: 14, ...change });
const named = (id: string) => STANDARD_BAG.find((club) => club.id === id)!;

describe('balls of a drill', () => {
	it('leaves out clubs that have no room, and says how far past they would end', () => {
		const { tasks, leftOut } = propose(DRILLS['landing-box'], STANDARD_BAG, who, 'clock', ground());
		expect(tasks).toHaveLength(4);
		for (const { finish } of tasks) expect(finish).toBeLessThan(16);
		const gone = leftOut.map(({ club }) => club);
		expect(gone).toContain('5i');
		for (const { club, why, by } of leftOut) {
			expect(why).toBe('no-room');
			const ball = shotToCarry(
				{ club: named(club!), flight: 'standard', shape: 'straight' },
				3,
				drillScene(ground()),
				who
			)!;
			expect(by).toBeCloseTo(ball.carry + ball.roll - 16, 6);
			expect(by).toBeGreaterThan(-0.5);
		}
	});

	it('lets a club end half a metre before the back edge at the farthest', () => {
		const drill = { ...DRILLS['landing-box'], clubs: { kind: 'chosen', ids: ['PW'] } as const };
		const taken = (room: number) =>
			propose(drill, STANDARD_BAG, who, 'clock', ground({ room }), 3).tasks;
		const end = taken(60)[0]!.finish;
		expect(taken(end - 2 + 0.6)).toHaveLength(1);
		expect(taken(end - 2 + 0.4)).toEqual([]);
	});

	it('takes the longest club first, ends spread over the room, every ball lands at the mark', () => {
		const { tasks } = propose(DRILLS['landing-box'], STANDARD_BAG, who, 'clock', ground());
		const ends = tasks.map(({ finish }) => finish);
		expect(ends).toEqual([...ends].sort((a, b) => b - a));
		for (const { landing, balls, shape } of tasks) {
			expect(landing).toBeCloseTo(3, 1);
			expect([balls, shape]).toEqual([4, 'straight']);
		}
	});

	it('has one swing for every club where the drill says so, and lands them all at the mark', () => {
		const same = propose(DRILLS['second-club-ladder'], STANDARD_BAG, who, 'clock', ground());
		expect(new Set(same.tasks.map(({ swing }) => swing)).size).toBe(1);
		for (const { landing } of same.tasks) expect(landing).toBeCloseTo(2.9, 1);
		const own = propose(
			{ ...DRILLS['second-club-ladder'], swings: { kind: 'mark' } },
			STANDARD_BAG,
			who,
			'clock',
			ground({ toEdge: 18, room: 80 })
		);
		expect(new Set(own.tasks.map(({ swing }) => swing)).size).toBeGreaterThan(1);
	});

	it('takes the clubs that were touched, longest first, whatever they are', () => {
		const chosen = { kind: 'chosen', ids: ['SW', '7i', 'PW'] } as const;
		const { tasks } = propose(
			{ ...DRILLS['landing-box'], clubs: chosen },
			STANDARD_BAG,
			who,
			'clock',
			ground({ room: 40 })
		);
		expect(tasks.map(({ club }) => club)).toEqual(['7i', 'PW', 'SW']);
	});

	it('finds room for longer clubs on a longer green, and for fewer downhill', () => {
		const count = (change: object) =>
			propose(DRILLS['every-club'], STANDARD_BAG, who, 'clock', ground(change)).leftOut.length +
			propose(DRILLS['landing-box'], STANDARD_BAG, who, 'clock', ground(change)).leftOut.length;
		expect(count({ room: 40 })).toBeLessThan(count({}));
		expect(count({ slopeAlong: -0.03 })).toBeGreaterThan(count({}));
	});

	it('moves the mark onto the green where the edge is far', () => {
		const far = propose(
			DRILLS['second-club-ladder'],
			STANDARD_BAG,
			who,
			'clock',
			ground({ toEdge: 5, room: 30 })
		);
		for (const { landing } of far.tasks) expect(landing).toBeCloseTo(5.9, 1);
		const nearer = propose(DRILLS['landing-box'], STANDARD_BAG, who, 'clock', ground(), 4.5);
		for (const { landing } of nearer.tasks) expect(landing).toBeCloseTo(4.5, 1);
	});

	it('takes every second club, and says which is not in the bag', () => {
		const wide = ground({ room: 40 });
		const ladder = propose(DRILLS['second-club-ladder'], STANDARD_BAG, who, 'clock', wide);
		expect(ladder.tasks.map(({ club }) => club)).toEqual(['LW', 'GW', '9i', '7i', '5i']);
		const short = STANDARD_BAG.filter(({ id }) => id !== '9i' && id !== '8i');
		const { leftOut } = propose(DRILLS['second-club-ladder'], short, who, 'clock', wide);
		expect(leftOut).toHaveLength(1);
		expect(leftOut[0]).toMatchObject({ club: null, why: 'not-in-bag' });
	});

	it('lets every club end at the flag', () => {
		const { tasks } = propose(DRILLS['every-club'], STANDARD_BAG, who, 'clock', ground(), 10);
		expect(tasks.length).toBeGreaterThan(6);
		for (const { finish, landing } of tasks) {
			expect(finish).toBeCloseTo(10, 0);
			expect(landing).toBeLessThan(finish);
		}
		const airShare = (id: string) => {
			const task = tasks.find(({ club }) => club === id)!;
			return task.landing / task.finish;
		};
		expect(airShare('LW')).toBeGreaterThan(airShare('8i'));
	});

	it('takes three wedges with three lengths in the words of the player', () => {
		const { tasks } = propose(DRILLS['swing-matrix'], STANDARD_BAG, who, 'body', ground());
		expect(tasks).toHaveLength(9);
		expect([...new Set(tasks.map(({ club }) => club))]).toEqual(['GW', 'SW', 'LW']);
		expect([...new Set(tasks.map(({ swing }) => swing))]).toEqual(['hip', 'ribs', 'shoulder']);
		const sand = tasks.filter(({ club }) => club === 'SW').map(({ landing }) => landing);
		expect(sand).toEqual([...sand].sort((a, b) => a - b));
	});

	it('uses the player’s own swings where they are measured', () => {
		const own = {
			...who,
			swings: { SW: { known: [{ angle: markAngle('9'), speed: 9 }], spread: null } }
		};
		const at = (player: typeof who) =>
			propose(DRILLS['swing-matrix'], STANDARD_BAG, player, 'clock', ground()).tasks.find(
				({ club, swing }) => club === 'SW' && swing === '9'
			)!.landing;
		expect(at(own)).toBeLessThan(at(who) / 2);
	});

	it('plays three flights and three shapes of one wedge', () => {
		const flights = propose(DRILLS['three-flights'], STANDARD_BAG, who, 'clock', ground());
		expect(flights.tasks.map(({ flight }) => flight)).toEqual(['low', 'standard', 'high']);
		const [low, , high] = flights.tasks;
		expect(low!.finish).toBeGreaterThan(high!.finish);
		const shapes = propose(DRILLS['spin-shapes'], STANDARD_BAG, who, 'clock', ground());
		const [inside, straight, outside] = shapes.tasks;
		expect(inside!.finish).toBeGreaterThan(straight!.finish);
		expect(straight!.finish).toBeGreaterThan(outside!.finish);
	});

	it('has nothing for an empty bag, and says what cannot be carried', () => {
		expect(propose(DRILLS['landing-box'], [], who, 'clock', ground())).toMatchObject({
			tasks: [],
			leftOut: []
		});
		const { tasks, leftOut } = propose(
			DRILLS['three-flights'],
			STANDARD_BAG,
			who,
			'clock',
			ground({ toEdge: 78, room: 100 }),
			145
		);
		expect(tasks).toEqual([]);
		expect(leftOut.every(({ why }) => why === 'too-far')).toBe(true);
	});
});

describe('layouts', () => {
	it('lie where most clubs have room: a mark to land at nearer, a flag farther', () => {
		const of = (drill: keyof typeof DRILLS, wanted?: number) =>
			propose(DRILLS[drill], STANDARD_BAG, who, 'clock', ground({ room: 9 }), wanted);
		const near = of('rehearse-to-spot');
		expect(near.mark).toBeLessThan(6);
		expect(near.tasks.length).toBeGreaterThan(of('rehearse-to-spot', 6).tasks.length);
		const far = of('every-club');
		const short = of('every-club', 6);
		expect(far.mark).toBeGreaterThan(6);
		expect(far.tasks.length).toBeGreaterThan(short.tasks.length);
		const [left] = short.leftOut.filter(({ why }) => why === 'short');
		expect(left!.by).toBeGreaterThan(0);
		expect(left!.by).toBeLessThan(2);
		expect(short.mark).toBe(6);
	});

	const LAYOUTS = [0, 2, 5, 12, 25].flatMap((toEdge) =>
		[5, 9, 15, 30].map((room) => ground({ toEdge, room, slopeAlong: room === 15 ? -0.02 : 0 }))
	);

	it.each(Object.entries(DRILLS))('of %s fit the green wherever there is room', (_, drill) => {
		let empty = 0;
		for (const layout of LAYOUTS) {
			const { toEdge, room } = layout;
			const { tasks, mark, range } = propose(drill, STANDARD_BAG, who, 'clock', layout);
			if (tasks.length === 0) empty++;
			const back = toEdge + room;
			if (drill.mark !== 'none') {
				expect(mark).toBeGreaterThanOrEqual(toEdge + 0.9);
				expect(mark).toBeLessThanOrEqual(back - 1 + 1e-9);
				for (const { landing, finish } of tasks) {
					expect(landing).toBeGreaterThanOrEqual(toEdge);
					expect(finish).toBeLessThanOrEqual(back);
				}
			}
			const farthest = Math.max(0, ...tasks.map(({ landing }) => landing));
			expect(range).toBe(farthest > back ? farthest : null);
		}
		// Five metres of green hold no roll of a chip carried from twenty-five metres.
		expect(empty).toBeLessThanOrEqual(drill.clubs.kind === 'lofts' ? 6 : 2);
	});

	it('are the same for either hand', () => {
		for (const drill of Object.values(DRILLS))
			for (const layout of LAYOUTS) {
				const of = (hand: 'left' | 'right') =>
					propose(drill, STANDARD_BAG, { ...who, hand }, 'clock', layout);
				expect(of('left')).toEqual(of('right'));
			}
	});
});
