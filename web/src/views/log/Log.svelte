<script lang="ts">
  import { api, ask } from '../../api/client';
  import { moment } from '../../joint/figures';
  import Search from '../../shell/Search.svelte';
  import CheckPaper from './CheckPaper.svelte';

  const find = async (q: string) => {
    const params = { query: { q } };
    const [lines, cancelled] = await Promise.all([
      ask(api.GET('/api/log', { params })),
      ask(api.GET('/api/log/cancelled', { params })),
    ]);
    return { lines, cancelled };
  };
</script>

<svelte:head><title>Log · Unimetric</title></svelte:head>
<h1>Log</h1>
<Search label="Search the log by machine, job or person" placeholder="Machine, job, person" {find}>
  {#snippet children({ lines, cancelled }, q)}
    {#if lines.length === 0}
      <p class="soft">
        {q
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
  .wide {
    overflow-x: auto;
  }
  td {
    white-space: nowrap;
  }
</style>
