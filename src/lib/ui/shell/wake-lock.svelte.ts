/** Keeps the screen awake while a page is open, where the browser lets a page do so: over https or on the same machine. */
class ScreenAwake {
	/** `impossible`: the browser does not offer it here */
	state = $state<'off' | 'kept' | 'impossible'>('off');
	private lock: WakeLockSentinel | null = null;

	/** Keeps it awake, again each time the page comes back to view; returns what lets it sleep. For an `$effect`. */
	keep(): () => void {
		const ask = () => void this.ask();
		document.addEventListener('visibilitychange', ask);
		ask();
		return () => {
			document.removeEventListener('visibilitychange', ask);
			void this.lock?.release();
			this.state = 'off';
		};
	}

	private async ask(): Promise<void> {
		if (document.visibilityState !== 'visible') return;
		if (!('wakeLock' in navigator)) {
			this.state = 'impossible';
			return;
		}
		try {
			this.lock = await navigator.wakeLock.request('screen');
			this.state = 'kept';
		} catch (error) {
			// low battery or a policy: the page says what to do instead
			if (!(error instanceof DOMException)) throw error;
			this.state = 'impossible';
		}
	}
}

export const screenAwake = new ScreenAwake();
