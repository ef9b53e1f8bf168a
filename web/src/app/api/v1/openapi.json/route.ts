import { openapi } from '@/server/openapi';
import { origin } from '@/server/environment';

export const dynamic = 'force-dynamic';
export const GET = () => Response.json(openapi(origin()), { headers: { 'cache-control': 'no-store' } });
