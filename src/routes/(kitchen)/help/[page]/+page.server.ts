import { error } from '@sveltejs/kit';
import { marked } from 'marked';
import type { PageServerLoad } from './$types';

/** The documents of the project, as they are shipped with it. */
const texts = import.meta.glob<string>('/docs/*.md', { query: '?raw', import: 'default' });

/** A document as a page: what the project says of itself, no text of anybody else. */
export const load: PageServerLoad = async ({ params }) => {
	const read = texts[`/docs/${params.page}.md`];
	if (!read) error(404);
	return { html: await marked.parse(await read()) };
};
