<script lang="ts">
  import { api, ask } from '../../api/client';
  import { Checkmark } from 'carbon-icons-svelte';
  import { moment } from '../../joint/figures';
  import Search from '../../shell/Search.svelte';
  import CheckPaper from './CheckPaper.svelte';

  let from = $state('');
  let until = $state('');
  let outside = $state(false);
  let corrected = $state(false);
  const narrowed = $derived(Boolean(from || until || outside || corrected));

  const find = async (q: string) => {
    const narrow = {
      ...(from ? { from } : {}),
      ...(until ? { until } : {}),
      outside,
      corrected,
    };
    const some = narrowed;
    const [lines, cancelled] = await Promise.all([
      ask(api.GET('/api/log', { params: { query: { q, ...narrow } } })),
      some ? [] : ask(api.GET('/api/log/cancelled', { params: { query: { q } } })),
    ]);
    return { lines, cancelled };
  };
</script>

<svelte:head><title>Log · Unimetric</title></svelte:head>
<h1>Log</h1>
<div class="narrow" role="group" aria-label="Only some records">
  <label
    >Signed from <input type="date" bind:value={from} min="1970-01-01" max="2199-12-31" /></label
  >
  <label>to <input type="date" bind:value={until} min="1970-01-01" max="2199-12-31" /></label>
  <button class="quiet" type="button" aria-pressed={outside} onclick={() => (outside = !outside)}>
    {#if outside}<Checkmark size={16} />{/if} Outside the band
  </button>
  <button
    class="quiet"
    type="button"
    aria-pressed={corrected}
    onclick={() => (corrected = !corrected)}
  >
    {#if corrected}<Checkmark size={16} />{/if} Corrected
  </button>
</div>
<Search
  label="Search the log by machine, job, person, joint, thread, tool, product or what was said"
  placeholder="Machine, person, tool, product, thread, words"
  {find}
>
  {#snippet children({ lines, cancelled }, q)}
    {#if lines.length === 0}
      <p class="soft">
        {q || narrowed
          ? 'No record matches.'
          : 'Nothing is signed yet. A job comes here when it is signed off.'}
      </p>
    {:else}
      <div class="wide">
        <table class="ledger">
          <thead>
            <tr>
              <th>Signed</th><th>Machine</th><th>Job</th><th>By</th><th class="num">Readings</th>
              <th class="num">Outside the band</th><th class="num">Corrected</th>
            </tr>
          </thead>
          <tbody>
            {#each lines as line (line.jobId)}
              <tr>
                <td class="figure">{moment(line.signedAt)}</td>
                <td>{line.machineName} <span class="soft">{line.machineModel}</span></td>
                <td
                  ><a href="/log/{line.jobId}">{line.title}</a>
                  <span class="soft">{line.number}</span></td
                >
                <td>{line.signedBy}</td>
                <td class="num">{line.readings}</td>
                <td class="num">{line.deviations}</td>
                <td class="num">{line.corrections}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    {/if}
    {#if cancelled.length}
      <h2>Cancelled</h2>
      <div class="wide">
        <table class="ledger">
          <thead><tr><th>When</th><th>Machine</th><th>Job</th><th>By</th><th>Why</th></tr></thead>
          <tbody>
            {#each cancelled as line (line.jobId)}
              <tr>
                <td class="figure">{moment(line.at)}</td>
                <td>{line.machineName} <span class="soft">{line.machineModel}</span></td>
                <td
                  ><a href="/jobs/{line.jobId}/sheet">{line.title}</a>
                  <span class="soft">{line.number}</span></td
                >
                <td>{line.by}</td>
                <td>{line.reason}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    {/if}
  {/snippet}
</Search>
<CheckPaper />

<style>
  .narrow {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: center;
    margin-top: 0.5rem;
  }
  .narrow label {
    color: var(--ink-soft);
    font-size: 0.875rem;
  }
  .narrow input {
    min-height: 2.5rem;
    padding: 0 0.5rem;
    font: inherit;
    background: var(--raised);
    color: var(--ink);
    border: 1px solid var(--hairline);
    color-scheme: inherit;
  }
  .narrow button {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
  }
  .wide {
    overflow-x: auto;
  }
  td {
    white-space: nowrap;
  }
</style>
