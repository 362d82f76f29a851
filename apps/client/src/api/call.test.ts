import { ApiProblem, call, Foreign, Unreachable } from './call';

const answers = (status: number, type: string, body: string) => {
  const response = {
    ok: status < 400,
    status,
    headers: { get: (name: string) => (name === 'Content-Type' ? type : null) },
    json: async () => JSON.parse(body) as unknown,
  };
  globalThis.fetch = (() => Promise.resolve(response)) as unknown as typeof fetch;
};
const kept = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = kept;
});

describe('an answer to the device', () => {
  it('is a refusal only where Spalo itself refuses', async () => {
    answers(
      403,
      'application/problem+json',
      JSON.stringify({ type: '/problems/not-allowed', title: 'Not allowed', status: 403 }),
    );
    await expect(call('me', {})).rejects.toThrow(ApiProblem);
  });

  it.each([
    [403, 'text/html', '<h1>Forbidden</h1>'],
    [413, 'text/html', '<h1>Request Entity Too Large</h1>'],
    [400, 'application/json', '{"message":"blocked"}'],
    [404, 'application/problem+json', '{"type":"/problems/of-somebody-else","status":404}'],
    [200, 'text/html', '<h1>Sign in to this network</h1>'],
  ])('is none where something else answers %s %s', async (status, type, body) => {
    answers(status, type, body);
    const failed = call('me', {});
    await expect(failed).rejects.toThrow(Foreign);
    // What was to be sent can be sent again.
    await expect(failed).rejects.toBeInstanceOf(Unreachable);
  });
});
