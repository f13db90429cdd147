<script lang="ts">
  import { api, ask } from '../../api/client';
  import { route } from '../../router';
  import Loaded from '../../shell/Loaded.svelte';
  import BenchPage from './BenchPage.svelte';

  const id = $derived(route.params.id ?? '');
  const load = () => ask(api.GET('/api/jobs/{id}/run', { params: { path: { id } } }));
</script>

<svelte:head><title>Bench · Unimetric</title></svelte:head>
{#key id}
  <Loaded {load}>
    {#snippet children(page)}<BenchPage {page} />{/snippet}
  </Loaded>
{/key}
