/** A colour of the palette in force, as rgb(…). */
export function colour(token: string): string {
	const probe = document.createElement('i');
	probe.style.color = `var(--${token})`;
	document.body.append(probe);
	const { color } = getComputedStyle(probe);
	probe.remove();
	return color;
}
