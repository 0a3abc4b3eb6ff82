const coarseMs = 5_000;

/** The present moment for the screens, ticking; one for the whole page. It is the server's clock: a device's own may be wrong. */
class Clock {
	/** moves every few seconds: what is drawn anew by it may be a chart */
	ms = $state(Date.now());
	/** moves every second: for countdowns */
	fineMs = $state(Date.now());
	private offsetMs = 0;
	private readAtMs = 0;
	private lapse = 1;
	/** what `ms` shows; kept beside it so that an effect which sets or runs the clock does not depend on it */
	private shownMs = 0;
	private timer: ReturnType<typeof setInterval> | undefined;

	/** Sets the clock by the server's; `lapse` is how many times faster it runs, for trying out. */
	sync(server: { nowMs: number; lapse: number }): void {
		this.lapse = server.lapse;
		this.readAtMs = Date.now();
		this.offsetMs = server.nowMs - this.readAtMs;
		this.tick();
	}

	/** This moment, epoch ms. */
	now(): number {
		const sinceMs = Date.now() - this.readAtMs;
		return this.readAtMs === 0 ? Date.now() : this.readAtMs + this.offsetMs + sinceMs * this.lapse;
	}

	/** Starts ticking; returns what stops it. For an `$effect`. */
	run(): () => void {
		this.tick();
		this.timer ??= setInterval(() => this.tick(), 1000);
		return () => {
			clearInterval(this.timer);
			this.timer = undefined;
		};
	}

	private tick(): void {
		const now = this.now();
		this.fineMs = now;
		if (Math.abs(now - this.shownMs) >= coarseMs * this.lapse) this.ms = this.shownMs = now;
	}
}

export const clock = new Clock();
