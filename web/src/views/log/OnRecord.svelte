<script lang="ts">
  import { CheckmarkOutline, Misuse } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { moment } from '../../joint/figures';
  import WayBack from '../machines/WayBack.svelte';

  let { jobId, paper }: { jobId: string; paper: Schemas['RecordPaper'] } = $props();
  /** In groups, as somebody compares it with a paper. */
  const grouped = $derived(paper.fingerprint.match(/.{1,8}/g)?.join(' ') ?? '');
</script>

<section aria-label="On paper and in files">
  <p class="files no-print">
    <a class="file" href="/api/log/{jobId}/record.pdf" target="_blank" rel="noopener">Print (PDF)</a
    >
    <a class="file" href="/api/log/{jobId}/record.json" download>JSON</a>
    <a class="file" href="/api/log/{jobId}/record.csv" download>CSV</a>
    {#if here.mayWork}
      <WayBack {jobId} words="Back to original" label="Prepare the way back to the originals" />
    {/if}
  </p>
  <p class="soft">
    {#if paper.intact}<CheckmarkOutline size={16} /> As it was signed{:else}<Misuse size={16} />
      <strong class="bad">Not as it was signed: somebody changed what is stored.</strong>{/if};
    fingerprint (SHA-256 of the JSON, on every page of the PDF)
    <span class="figure print">{grouped}</span>
  </p>
</section>
{#if paper.addenda.length}
  <h2>Added after it was signed</h2>
  <ul class="lines">
    {#each paper.addenda as one (one.id)}
      <li class="addendum">
        <span class="soft figure">{moment(one.saidAt)}</span>
        <span>{one.words}</span>
        <span class="soft">{one.saidBy}</span>
      </li>
    {/each}
  </ul>
{/if}

<style>
  .files {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
    margin: 0.5rem 0 0.75rem;
  }
  .file {
    display: inline-flex;
    align-items: center;
    min-height: 2.5rem;
    padding: 0 1rem;
    border: 1px solid var(--copper);
    color: var(--copper);
    text-decoration: none;
  }
  .print {
    display: block;
    overflow-wrap: anywhere;
    color: var(--ink);
  }
  .bad {
    color: var(--bad);
  }
  .addendum {
    display: grid;
    grid-template-columns: 10rem 1fr auto;
    gap: 0.25rem 1.5rem;
  }
  @media (max-width: 640px) {
    .addendum {
      grid-template-columns: 1fr;
    }
  }
</style>
