/** A time of day as HH:MM. */
export const asClock = ({ hour, minute }: { hour: number; minute: number }): string =>
	`${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;

/** A typed time of day: "18:30", "18.30", "1830", "6:30 pm", "7pm", "noon". Null when it is none. */
export function clockFromText(typed: string): { hour: number; minute: number } | null {
	const text = typed.trim().toLowerCase();
	if (text === 'noon') return { hour: 12, minute: 0 };
	const parts = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm|a\.m\.|p\.m\.)?$/.exec(text);
	if (!parts) return null;
	const half = parts[3]?.[0];
	// a bare "7" could be morning or evening
	if (parts[2] === undefined && half === undefined) return null;
	let hour = Number(parts[1]);
	const minute = Number(parts[2] ?? 0);
	if (half !== undefined) {
		if (hour < 1 || hour > 12) return null;
		hour = (hour % 12) + (half === 'p' ? 12 : 0);
	}
	return hour < 24 && minute < 60 ? { hour, minute } : null;
}
