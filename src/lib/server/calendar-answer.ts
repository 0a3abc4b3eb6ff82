/** A calendar as an answer: a file to be kept under a name, or what a subscription fetches each time. */
export const calendarAnswer = (text: string, fileName: string | null): Response =>
	new Response(text, {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			...(fileName === null
				? { 'cache-control': 'no-cache' }
				: { 'content-disposition': `attachment; filename="${fileName}.ics"` })
		}
	});
