<script lang="ts">
  import { Locked } from 'carbon-icons-svelte';
  import { here } from '../../api/session.svelte';
  import { FIELDS } from './shape/fields';
  import Remove from './shape/Remove.svelte';
  import type { Shape } from './shape/shape.svelte';
  import ShapeFields from './shape/ShapeFields.svelte';
  import type { WorkRow } from './work';

  interface Props {
    row: WorkRow;
    shape: Shape;
    may: boolean;
    reload: () => void;
    gone: () => void;
  }
  let { row, shape, may, reload, gone }: Props = $props();
  /** The list of the document it stands in; a joint that is only undone here has its own page. */
  const list = $derived(row.at.at(-2) ?? '');
  const fields = $derived(FIELDS[list]);
</script>

<h2>
  {#if row.hold}<Locked size={20} aria-label="Hold point" />{/if}
  {row.title}
</h2>
<p class="soft">{row.doing}{row.hold ? ' · hold point: it cannot be passed silently' : ''}</p>
{#if row.text}<p>{row.text}</p>{/if}
{#each row.traps as trap, i (i)}<p class="trap">{trap}</p>{/each}
{#if row.why}<p class="soft">{row.why}</p>{/if}
{#if may && fields && row.at.length}
  <h3>As it is on this machine</h3>
  {#key row.at.join('/')}
    <ShapeFields
      document={shape.document}
      at={row.at}
      {fields}
      differs={shape.differs}
      isLead={here.isLead}
      change={(edits, id, reason) => shape.change(edits, id, reason)}
      {reload}
    />
    <Remove
      {shape}
      at={row.at}
      title={row.title}
      copies={list === 'steps' || list === 'joints'}
      {gone}
    />
  {/key}
{/if}

<style>
  h2 {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    margin: 0;
    border: 0;
    font-size: 1.125rem;
    color: var(--ink);
  }
  .trap {
    padding-left: 0.75rem;
    border-left: 2px solid var(--copper);
    margin: 0.25rem 0;
  }
</style>
