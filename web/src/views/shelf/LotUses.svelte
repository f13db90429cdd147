<script lang="ts">
  import { api, ask } from '../../api/client';
  import Loaded from '../../shell/Loaded.svelte';

  let { lot }: { lot: string } = $props();
  const load = () => ask(api.GET('/api/lots', { params: { query: { lot } } }));
</script>

<Loaded {load}>
  {#snippet children(uses)}
    {#if uses.length}
      <p class="soft">Lot {lot} went on:</p>
      <ul class="lines" aria-label="Joints with lot {lot}">
        {#each uses as use (`${use.jobId} ${use.signed}`)}
          <li>
            <a href={use.signed ? `/log/${use.jobId}` : `/jobs/${use.jobId}/sheet`}>{use.number}</a>
            {use.title}, <a href="/machines/{use.machineId}">{use.machineName}</a>:
            {#each use.joints as joint, i (i)}
              {i ? ', ' : ''}<strong>{joint.title}</strong>{joint.critical ? ' (critical)' : ''}
              <span class="soft">{joint.product}</span>
            {/each}
            {#if !use.signed}
              <span class="warn">{use.cancelled ? 'cancelled' : 'under way'}</span>
            {/if}
          </li>
        {/each}
      </ul>
    {:else}
      <p class="soft">Lot {lot} went on no joint, as far as the benches and records say.</p>
    {/if}
  {/snippet}
</Loaded>
