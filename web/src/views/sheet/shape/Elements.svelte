<script lang="ts">
  import { here } from '../../../api/session.svelte';
  import { FIELDS, asTyped, find, namesIn } from './fields';
  import Remove from './Remove.svelte';
  import type { Shape } from './shape.svelte';
  import ShapeFields from './ShapeFields.svelte';

  interface Props {
    shape: Shape;
    /** The way to the document that holds the list. */
    within: string[];
    list: string;
    reload: () => void;
  }
  let { shape, within, list, reload }: Props = $props();
  const names = $derived(namesIn(find(shape.document, [...within, list])));
  const title = (name: string) =>
    asTyped(find(shape.document, [...within, list, name, 'document', 'title'])) || name;
</script>

{#each names as name (name)}
  <div class="element">
    {#if list === 'around'}<p><span class="soft">Inside</span> {title(name)}</p>{/if}
    <ShapeFields
      document={shape.document}
      at={[...within, list, name]}
      fields={FIELDS[list] ?? []}
      differs={shape.differs}
      isLead={here.isLead}
      change={(edits, id, reason) => shape.change(edits, id, reason)}
      {reload}
    />
    <Remove
      {shape}
      at={[...within, list, name]}
      title={title(name)}
      copies={false}
      gone={() => {}}
    />
  </div>
{/each}

<style>
  .element {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1rem;
    padding-bottom: 0.5rem;
    margin-bottom: 0.5rem;
    border-bottom: 1px solid var(--hairline);
  }
  .element :global(> :not(button, p)) {
    flex: 1 1 100%;
  }
</style>
