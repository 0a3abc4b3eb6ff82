const halfYearS = 182 * 86_400;

/** Holds the token of a device that signed in; scripts cannot read it, other sites do not send it. */
export const sessionCookie = {
	name: 'almacen-session',
	options: (url: URL) =>
		({
			path: '/',
			httpOnly: true,
			sameSite: 'lax',
			secure: url.protocol === 'https:',
			maxAge: halfYearS
		}) as const
};
