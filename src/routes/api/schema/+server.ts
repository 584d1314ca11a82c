import { json } from '@sveltejs/kit';
import { publishedSchemas } from '$lib/io/contract/schemas';
import { version } from '../../../../package.json';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => json(publishedSchemas(version));
