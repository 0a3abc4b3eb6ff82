/** A PDF as an answer, shown by the browser and never kept. */
export const pdfAnswer = (pdf: Buffer, name: string): Response =>
	new Response(new Uint8Array(pdf), {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': `inline; filename="${name}.pdf"`,
			'cache-control': 'no-store'
		}
	});
