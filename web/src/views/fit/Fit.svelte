<script lang="ts">
  import { api, ask } from '../../api/client';
  import { route } from '../../router';
  import Loaded from '../../shell/Loaded.svelte';
  import NotFound from '../../shell/NotFound.svelte';
  import FitDesk from './FitDesk.svelte';
  import { FITS, fitOf } from './fits';
  import { addressOf, cameFrom } from './state';

  const from = cameFrom(window.location.search);
  const load = () => ask(api.GET('/api/compute/fit-sizes'));
  const call = $derived(route.params.call ?? '');
  const fit = $derived(fitOf(call));
</script>

<Loaded {load}>
  {#snippet children(sizes)}
    {#if fit}
      {#key fit.code}<FitDesk {fit} {sizes} />{/key}
    {:else if call}
      <NotFound />
    {:else}
      <h1>Fit desk</h1>
      <p class="soft lead">
        Whether the new part fits, before anything is taken apart. Measure, type, and see it drawn
        to scale.
      </p>
      <ul class="lines">
        {#each FITS as one (one.code)}
          <li>
            <a href={addressOf(one.call, '?', from)}
              >{sizes.fits.find((f) => f.code === one.code)?.words}</a
            >
            <span class="soft">{one.asks}</span>
          </li>
        {/each}
      </ul>
    {/if}
  {/snippet}
</Loaded>

<svelte:head
  >{#if !call}<title>Fit desk · Unimetric</title>{/if}</svelte:head
>

<style>
  .lead {
    margin: 0.25rem 0 0.75rem;
  }
  li {
    display: grid;
    grid-template-columns: 18rem 1fr;
    gap: 0.25rem 1rem;
    align-items: center;
    min-height: 2.75rem;
  }
  li a::first-letter {
    text-transform: uppercase;
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: 1fr;
    }
  }
</style>
