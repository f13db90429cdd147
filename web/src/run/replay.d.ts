/** The core's replay, compiled for the browser; a run is known by the id of its job. */
declare module '@replay' {
  export function take(jobId: string, page: string): void;
  export function told(jobId: string, entries: string): void;
  export function standing(jobId: string, waiting: string): string;
  export function leave(jobId: string): void;
}
