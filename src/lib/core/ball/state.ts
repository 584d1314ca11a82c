/**
 * A ball in motion. Frame: x along the line of play, y up, z to the right of it, origin where the ball lay.
 * `y` is the height of the ball's lowest point. Spin is a right-handed vector: backspin on a ball flying along x is +z.
 */
export class BallState {
	/** s */
	t = 0;
	/** m */
	x = 0;
	y = 0;
	z = 0;
	/** m/s */
	vx = 0;
	vy = 0;
	vz = 0;
	/** rad/s */
	wx = 0;
	wy = 0;
	wz = 0;
	/** Highest point of the flight so far, m. */
	apex = 0;
}

/** Collects points [t, x, y, z] of a path for drawing; leave it out where only the end matters. */
export class PathRecorder {
	readonly points: [number, number, number, number][] = [];

	add(ball: BallState): void {
		this.points.push([ball.t, ball.x, ball.y, ball.z]);
	}

	/** A ball that is down, whose height is that of the ground it is on. */
	addOnGround(ball: BallState, height: number): void {
		this.points.push([ball.t, ball.x, height, ball.z]);
	}

	/** At most `count` points: the first, the last and evenly chosen ones between. */
	thinned(count: number): [number, number, number, number][] {
		const all = this.points;
		if (all.length <= count) return all;
		const stride = (all.length - 1) / (count - 1);
		return Array.from({ length: count }, (_, i) => all[Math.round(i * stride)]!);
	}
}
