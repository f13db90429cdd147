<script lang="ts">
  import type { Trouble } from '../../api/client';
  import { isAway } from '../../run/outbox';
  import { keptRuns } from '../../run/waiting';

  let { trouble }: { trouble: Trouble } = $props();
  const kept = keptRuns().then(
    (runs) => runs.filter((r) => !r.page.state.signedOff),
    () => [],
  );
</script>

{#if isAway(trouble)}
  {#await kept then runs}
    {#if runs.length}
      <h2>Benches this device keeps</h2>
      <p class="soft">
        They can be gone on with out of reach; what is said there is sent by itself later.
      </p>
      <ul class="lines">
        {#each runs as { page } (page.jobId)}
          <li>
            <a href="/jobs/{page.jobId}/bench">
              <span>{page.machine.name}</span>
              <span>{page.title} <span class="soft">job {page.number}</span></span>
            </a>
          </li>
        {/each}
      </ul>
    {/if}
  {/await}
{/if}

<style>
  a {
    display: flex;
    gap: 1.5rem;
    align-items: center;
    min-height: 3.5rem;
  }
</style>
