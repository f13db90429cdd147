<script lang="ts">
  import type { Schemas } from '../../api/client';

  let { trays }: { trays: Schemas['Tray'][] } = $props();
</script>

{#if trays.length}
  <section aria-label="Off and not back yet">
    <h2>Off, and not back yet</h2>
    <div>
      {#each trays as tray (tray.words)}
        <div>
          <h3>{tray.words}</h3>
          <ul class="lines">
            {#each tray.holds as held (held)}<li>{held}</li>{/each}
          </ul>
        </div>
      {/each}
    </div>
  </section>
{/if}

<style>
  div {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(16rem, 100%), 1fr));
    gap: 0 2rem;
  }
  div > div {
    display: block;
  }
  h3 {
    font-size: 0.875rem;
    font-weight: 400;
    color: var(--ink-soft);
  }
</style>
