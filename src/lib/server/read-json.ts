import { error } from '@sveltejs/kit';
import type { InferType, Schema } from 'yup';
import { plainText } from './access/clean-request';
import * as w from '$lib/present/wording';

/** The checked JSON body of a request. Answers 415 when it is not sent as JSON, 400 when it is none, 422 when it does not fit. */
export async function readJson<S extends Schema>(
	request: Request,
	schema: S
): Promise<InferType<S>> {
	if (!/^application\/json\b/i.test(request.headers.get('content-type') ?? ''))
		error(415, w.hooksServerAnswers.notJson);
	let body: unknown;
	try {
		body = JSON.parse(plainText(await request.text()), (_key, value: unknown) =>
			typeof value === 'string' ? plainText(value) : value
		);
	} catch (problem) {
		if (!(problem instanceof SyntaxError)) throw problem;
		error(400, w.hooksServerAnswers.unreadableJson);
	}
	try {
		return await schema.validate(body);
	} catch (problem) {
		if (!(problem instanceof Error) || problem.name !== 'ValidationError') throw problem;
		error(422, problem.message);
	}
}
