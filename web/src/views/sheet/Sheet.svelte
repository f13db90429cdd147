<script lang="ts">
  import { api, ask } from '../../api/client';
  import { route } from '../../router';
  import Loaded from '../../shell/Loaded.svelte';
  import SheetSurface from './SheetSurface.svelte';

  const id = $derived(route.params.id ?? '');
  const load = async () => {
    const params = { params: { path: { id } } };
    const [sheet, standing, shape] = await Promise.all([
      ask(api.GET('/api/jobs/{id}/sheet', params)),
      ask(api.GET('/api/jobs/{id}/standing', params)),
      ask(api.GET('/api/jobs/{id}/shape', params)),
    ]);
    return { sheet, standing, shape };
  };
</script>

<svelte:head><title>Job sheet · Unimetric</title></svelte:head>
{#key id}
  <Loaded {load}>
    {#snippet children(page, again)}<SheetSurface {page} {again} {load} />{/snippet}
  </Loaded>
{/key}
