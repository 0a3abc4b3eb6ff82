/** The kitchen's sound: three short tones. Browsers let a page sound only after somebody has touched it. */
class Alarm {
	/** whether somebody has switched it on, on this device, since the page was opened */
	on = $state(false);
	private context: AudioContext | null = null;
	private readonly rungFor: string[] = [];

	async switchOn(): Promise<void> {
		this.context ??= new AudioContext();
		await this.context.resume();
		this.on = true;
		this.ring();
	}

	switchOff(): void {
		this.on = false;
	}

	/** Rings for a reason, once for each. */
	ringOnce(reason: string): void {
		if (this.rungFor.includes(reason)) return;
		this.rungFor.push(reason);
		this.ring();
	}

	ring(): void {
		const { context } = this;
		if (!this.on || !context) return;
		for (const startS of [0, 0.35, 0.7]) {
			const tone = context.createOscillator();
			const volume = context.createGain();
			tone.frequency.value = 880;
			volume.gain.value = 0.25;
			tone.connect(volume).connect(context.destination);
			tone.start(context.currentTime + startS);
			tone.stop(context.currentTime + startS + 0.22);
		}
	}
}

export const alarm = new Alarm();
