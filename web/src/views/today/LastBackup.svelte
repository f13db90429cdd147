<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { api, ask } from '../../api/client';
  import { moment } from '../../joint/figures';
  import Loaded from '../../shell/Loaded.svelte';

  const load = () => ask(api.GET('/api/backups/last'));
</script>

<h2>Backup</h2>
<Loaded {load}>
  {#snippet children(last)}
    {#if last.madeAt === undefined}
      <p class="soft">
        None yet. One is made every day after three o’clock beside the workshop’s data; now with
        ./backup FILE where it was started.
      </p>
    {:else}
      <p class:warn={last.old}>
        {#if last.old}<WarningAlt size={16} /> No backup for days: look at ./status where it was started.
          The last:
        {/if}
        {moment(last.madeAt)} <span class="soft">{last.file}, could be read back</span>
      </p>
    {/if}
  {/snippet}
</Loaded>
