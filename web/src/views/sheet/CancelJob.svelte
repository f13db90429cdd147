<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import WriteDown from './WriteDown.svelte';

  interface Props {
    sheet: Schemas['JobSheet'];
    started: boolean;
    taken: (sheet: Schemas['JobSheet']) => void;
  }
  let { sheet, started, taken }: Props = $props();
</script>

<details class="no-print">
  <summary>Cancel this job</summary>
  <p class="soft">
    {started
      ? 'Work has begun: a lead cancels it, once the machine is safe to stand. What was done stays in the log.'
      : 'It is kept in the log with its reason; nothing more can be written to it.'}
  </p>
  <WriteDown
    label="Why it is not done"
    button="Cancel the job"
    maxlength={1000}
    send={async (reason, id) =>
      taken(
        await ask(
          api.POST('/api/jobs/{id}/cancelling', {
            params: { path: { id: sheet.jobId } },
            body: { id, reason, version: sheet.version },
          }),
        ),
      )}
  />
</details>

<style>
  details {
    margin-top: 1.5rem;
  }
  summary {
    cursor: pointer;
    min-height: 2.5rem;
    line-height: 2.5rem;
    color: var(--ink-soft);
  }
</style>
