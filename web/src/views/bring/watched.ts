import { api, ask } from '../../api/client';

const EVERY_MS = 400;

/** Asks how far a sheet is while it is read or accepted, until it is told to stop. */
export function watched(id: string, tell: (percent: number) => void): () => void {
  const timer = window.setInterval(() => {
    void ask(api.GET('/api/sheets/{id}/progress', { params: { path: { id } } })).then(
      ({ percent }) => {
        if (percent !== undefined) tell(percent);
      },
      () => undefined,
    );
  }, EVERY_MS);
  return () => window.clearInterval(timer);
}
