import type { InferType, Schema } from 'yup';

/**
 * Asks a neighbour service (a shop, a thermometer) and checks what it answers. Null when it does not answer in time, or not in its
 * protocol; `failed` is told why.
 */
export async function askJson<S extends Schema>(
	url: string,
	schema: S,
	{
		patienceMs,
		init,
		failed
	}: { patienceMs: number; init?: RequestInit; failed?: (why: unknown) => void }
): Promise<InferType<S> | null> {
	try {
		const answer = await fetch(url, { ...init, signal: AbortSignal.timeout(patienceMs) });
		return answer.ok ? await schema.validate(await answer.json()) : null;
	} catch (error) {
		failed?.(error instanceof Error ? error.message : error);
		return null;
	}
}
