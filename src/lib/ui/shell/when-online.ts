/** Calls now, whenever the connection comes back, and every so often between while something waits; gives the way to stop. */
export function whenOnline(
	send: () => void,
	everyMs: number,
	waits: () => boolean = () => true
): () => void {
	window.addEventListener('online', send);
	const timer = setInterval(() => waits() && send(), everyMs);
	send();
	return () => {
		window.removeEventListener('online', send);
		clearInterval(timer);
	};
}
