import boldUrl from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf?url';
import regularUrl from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url';
import fallbackBoldUrl from '@expo-google-fonts/noto-sans/700Bold/NotoSans_700Bold.ttf?url';
import fallbackRegularUrl from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?url';
import { read } from '$app/server';
import type { FontBytes } from './fonts.ts';

const bytes = async (url: string) => Buffer.from(await read(url).arrayBuffer());
let shipped: Promise<FontBytes> | undefined;

/** The faces that ship with the application, read once. */
export function shippedFonts(): Promise<FontBytes> {
	shipped ??= Promise.all(
		[regularUrl, boldUrl, fallbackRegularUrl, fallbackBoldUrl].map(bytes)
	).then(([regular, bold, fallbackRegular, fallbackBold]) => ({
		regular,
		bold,
		fallbackRegular,
		fallbackBold
	}));
	return shipped;
}
