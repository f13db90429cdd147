<script lang="ts">
  import { CheckmarkOutline, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import EntryWords from '../log/EntryWords.svelte';

  interface Props {
    summary: Schemas['Summary'];
    sheet: Schemas['RunSheet'];
  }
  let { summary, sheet }: Props = $props();
  const titles = $derived(new Map(sheet.steps.map((s) => [s.id, s.title])));
  const lists = $derived([
    ['Moved when it was tried', summary.moved],
    ['Left not as it should be', summary.left],
    ['Found not as it should be', summary.foundBad],
    ['Outside the band, let stand', summary.outOfBand],
    ['Slackened or renewed, begun again', summary.startedAgain],
    ['Corrected', summary.corrected],
  ] as const);
</script>

{#if summary.clean}
  <p class="clean">
    <CheckmarkOutline size={20} /> Nothing was out of band, found bad, moved or left.
  </p>
{/if}
{#if summary.moved.length}
  <p class="bad"><WarningAlt size={20} /> It did not all hold.</p>
{/if}
{#each lists as [title, all] (title)}
  {#if all.length}
    <h3>{title}</h3>
    <ul class="lines">
      {#each all as entry (entry.event.id)}
        <li>
          <span>
            {titles.get(entry.event.stepId) ?? ''}
            {#if entry.event.fastener}<span class="soft">{entry.event.fastener}</span>{/if}
          </span>
          <EntryWords {entry} />
        </li>
      {/each}
    </ul>
  {/if}
{/each}
{#if summary.byFeel.length}
  <h3>By feel, unverified</h3>
  <p class="warn">{summary.byFeel.join(', ')}</p>
{/if}

<style>
  h3 {
    font-size: 1rem;
    margin-top: 0.75rem;
  }
  li {
    display: grid;
    grid-template-columns: minmax(10rem, 1fr) 2fr;
    gap: 0.25rem 1rem;
  }
  .bad {
    color: var(--bad);
    font-size: 1.25rem;
  }
  .bad :global(svg) {
    fill: var(--bad);
    vertical-align: text-bottom;
  }
  .clean {
    display: flex;
    gap: 0.5rem;
    align-items: center;
  }
  .clean :global(svg) {
    fill: var(--good);
  }
  @media (max-width: 640px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
