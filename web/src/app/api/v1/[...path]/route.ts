import { handle } from '@/server/http';

const answer = async (request: Request, context: { params: Promise<{ path: string[] }> }) =>
  handle(request, `/${(await context.params).path.map(encodeURIComponent).join('/')}`);
export { answer as GET, answer as POST, answer as PUT, answer as DELETE };
