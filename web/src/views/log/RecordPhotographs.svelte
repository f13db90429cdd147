<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { moment } from '../../joint/figures';
  import Photograph from '../../shell/Photograph.svelte';

  let { photographs }: { photographs: Schemas['ShownPhotograph'][] } = $props();
  /** In the order in which they are first met: as found stands before as left. */
  const moments = $derived([...new Set(photographs.map((p) => p.momentWords))]);
  const words = (p: Schemas['ShownPhotograph']) =>
    [
      p.at,
      p.words,
      `${moment(p.takenAt)}, ${p.by}`,
      p.afterSignature ? 'came after the signature: the record does not name it' : '',
    ]
      .filter(Boolean)
      .join('. ');
</script>

{#if photographs.length}
  <h2>Photographs</h2>
  <div class="moments">
    {#each moments as title (title)}
      {@const some = photographs.filter((p) => p.momentWords === title)}
      {#if some.length}
        <div>
          <h3>{title}</h3>
          <div class="pictures">
            {#each some as p (p.id)}
              <Photograph
                picture={{
                  id: p.id,
                  small: `/api/photographs/${p.id}/small.jpg`,
                  whole: `/api/photographs/${p.id}.jpg`,
                }}
                words={words(p)}
              />
            {/each}
          </div>
        </div>
      {/if}
    {/each}
  </div>
{/if}

<style>
  h3 {
    font-size: 0.875rem;
    font-weight: 400;
    color: var(--ink-soft);
    margin: 0.5rem 0 0.25rem;
  }
  .moments {
    display: flex;
    flex-wrap: wrap;
    gap: 0 2.5rem;
  }
  .pictures {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
  }
  .pictures > :global(figure) {
    width: min(13rem, 100%);
  }
</style>
