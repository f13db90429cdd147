<script lang="ts">
  import { api, ask } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import Loaded from '../../shell/Loaded.svelte';

  const load = () => ask(api.GET('/api/shelf/to-buy'));
</script>

<h2 id="to-buy">To buy for the planned jobs</h2>
<Loaded {load}>
  {#snippet children(list)}
    {#if list.jobs === 0}
      <p class="soft">
        No job is planned and not yet started. What the planned ones lack stands here as one list.
      </p>
    {:else if list.parts.length + list.products.length === 0}
      <p class="soft">All there for the {list.jobs} planned {list.jobs === 1 ? 'job' : 'jobs'}.</p>
    {:else}
      <table class="ledger">
        <thead>
          <tr>
            <th class="num">Buy</th><th>What</th><th class="num">Needed</th><th class="num"
              >There</th
            >
            <th class="num">Price of one</th><th>For</th>
          </tr>
        </thead>
        <tbody>
          {#each [...list.parts, ...list.products] as line (line.name)}
            <tr>
              <td class="num"><strong>{line.toBuy}</strong></td>
              <td
                >{line.name}
                <span class="soft">{[line.why, line.orderAs].filter(Boolean).join(', ')}</span></td
              >
              <td class="num">{line.needed}</td>
              <td class="num">{line.there}</td>
              <td class="num">{line.price === undefined ? '–' : line.price.toFixed(2)}</td>
              <td class="soft">{line.jobs.join('; ')}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p>
        {#if list.cost > 0}
          <span class="figure">{list.cost.toFixed(2)} {here.workshop?.currency ?? ''}</span>
          <span class="soft">for the parts whose price is known.</span>
        {/if}
        <a href="/api/shelf/to-buy.csv" download>As a sheet (CSV)</a>
      </p>
    {/if}
  {/snippet}
</Loaded>
