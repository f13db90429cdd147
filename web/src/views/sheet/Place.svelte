<script lang="ts">
  import { ArrowDown, ArrowUp } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { onSheet } from './turns';

  interface Props {
    joint: Schemas['SheetJoint'];
    place: number;
    last: boolean;
    jobId: string;
    version: number;
    moved: (sheet: Schemas['JobSheet']) => void;
  }
  let { joint, place, last, jobId, version, moved }: Props = $props();
  const sending = new Submission(onSheet);

  const move = (by: -1 | 1) => {
    const to = { jointId: joint.id, place: place - 1 + by };
    return sending.send(
      to,
      (id) =>
        ask(
          api.POST('/api/jobs/{id}/arrangement', {
            params: { path: { id: jobId } },
            body: { id, ...to, version },
          }),
        ),
      moved,
    );
  };
</script>

<span class="moves no-print">
  <button
    type="button"
    disabled={sending.busy || place === 1}
    onclick={() => void move(-1)}
    aria-label="{joint.title}: earlier"
  >
    <ArrowUp size={16} />
  </button>
  <button
    type="button"
    disabled={sending.busy || last}
    onclick={() => void move(1)}
    aria-label="{joint.title}: later"
  >
    <ArrowDown size={16} />
  </button>
</span>
{#if sending.trouble}
  <p
    class="warn refused"
    role="alert"
    {@attach (told) => told.scrollIntoView?.({ block: 'nearest' })}
  >
    Not moved: {sending.trouble.detail}
  </p>
{/if}

<style>
  .moves {
    display: grid;
    gap: 0.25rem;
    margin-top: 0.25rem;
  }
  button {
    width: 2.5rem;
    height: 2.5rem;
    margin-left: -0.75rem;
    background: none;
    border: 0;
    color: var(--copper);
    cursor: pointer;
  }
  button:disabled {
    color: var(--hairline);
    cursor: default;
  }
  .refused {
    font-size: 0.875rem;
    color: var(--warn);
    position: absolute;
    z-index: 2;
    width: min(24rem, 90vw);
    background: var(--raised);
    border: 1px solid var(--warn);
    padding: 0.5rem 0.75rem;
  }
</style>
