import { handle } from '@/server/http';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => handle(request, '/health');
