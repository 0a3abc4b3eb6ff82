/** A colour of the palette in force, as rgb(…). */
export function colour(name: string): string {
	const probe = document.createElement('i');
	probe.style.color = `var(--${name})`;
	document.body.append(probe);
	const { color } = getComputedStyle(probe);
	probe.remove();
	return color;
}

/** The same, let through by a share. */
export const pale = (name: string, alpha: number) =>
	colour(name).replace('rgb(', 'rgba(').replace(')', `, ${alpha})`);
