<script lang="ts">
  import { SkeletonText } from 'carbon-components-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { moment } from '../../joint/figures';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  const PAUSE_MS = 150;
  let q = $state('');
  let lines = $state.raw<Schemas['LogLine'][] | null>(null);
  let trouble = $state<Trouble | null>(null);
  let timer: ReturnType<typeof setTimeout>;
  let asked = 0;

  async function look() {
    const mine = ++asked;
    try {
      const found = await ask(api.GET('/api/log', { params: { query: { q } } }));
      if (mine === asked) {
        lines = found;
        trouble = null;
      }
    } catch (e) {
      trouble = asTrouble(e);
    }
  }
  function typed() {
    clearTimeout(timer);
    timer = setTimeout(() => void look(), PAUSE_MS);
  }
  $effect(() => void look());
</script>

<svelte:head><title>Log · Unimetric</title></svelte:head>
<h1>Log</h1>
<input
  class="search"
  bind:value={q}
  oninput={typed}
  aria-label="Search the log by machine, job or person"
  placeholder="Machine, job, person"
  maxlength="200"
  autocomplete="off"
/>
{#if trouble}<TroubleNote {trouble} retry={look} />{/if}
{#if lines === null && !trouble}
  <div aria-busy="true" aria-label="Loading"><SkeletonText paragraph lines={5} /></div>
{:else if lines !== null && lines.length === 0}
  <p class="soft none">
    {q ? 'No record matches.' : 'Nothing is signed yet. A job comes here when it is signed off.'}
  </p>
{:else if lines !== null}
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

<style>
  .search {
    width: min(28rem, 100%);
    min-height: 2.5rem;
    margin: 0.5rem 0 1rem;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--hairline);
    color: var(--ink);
    font: inherit;
    font-size: 1rem;
  }
  .search::placeholder {
    color: var(--ink-soft);
    opacity: 1;
  }
  .wide {
    overflow-x: auto;
  }
  td {
    white-space: nowrap;
  }
</style>
