<script lang="ts">
  import { api, ask, asTrouble } from '../../api/client';
  import { route } from '../../router';
  import Loaded from '../../shell/Loaded.svelte';
  import { isAway } from '../../run/outbox';
  import { keptRun } from '../../run/waiting';
  import BenchPage from './BenchPage.svelte';

  const id = $derived(route.params.id ?? '');
  /** The run as the server has it; out of reach, as it was last known here. */
  const load = async () => {
    try {
      return {
        page: await ask(api.GET('/api/jobs/{id}/run', { params: { path: { id } } })),
        away: false,
      };
    } catch (e) {
      const kept = isAway(asTrouble(e)) ? await keptRun(id).catch(() => undefined) : undefined;
      if (!kept) throw e;
      return { page: kept.page, away: true };
    }
  };
</script>

<svelte:head><title>Bench · Unimetric</title></svelte:head>
{#key id}
  <Loaded {load}>
    {#snippet children(loaded)}<BenchPage {...loaded} />{/snippet}
  </Loaded>
{/key}
