/** The present moment for the screens, ticking; one for the whole page. */
class Clock {
	ms = $state(Date.now());
	private timer: ReturnType<typeof setInterval> | undefined;

	/** Starts ticking; returns what stops it. For an `$effect`. */
	run(): () => void {
		this.ms = Date.now();
		this.timer ??= setInterval(() => (this.ms = Date.now()), 5_000);
		return () => {
			clearInterval(this.timer);
			this.timer = undefined;
		};
	}
}

export const clock = new Clock();
