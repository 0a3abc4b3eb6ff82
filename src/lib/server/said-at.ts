/** An entry made without a connection comes later than it was made, but not for days. */
const longestMs = 3 * 86_400_000;

/** When an entry was made, as its device says; now when it says nothing sensible. A device's clock may run ahead of the server's. */
export function saidAtMs(typed: string | undefined, nowMs: number): number {
	const said = Number(typed);
	if (!typed || !Number.isFinite(said) || said < nowMs - longestMs) return nowMs;
	return Math.min(Math.round(said), nowMs);
}
