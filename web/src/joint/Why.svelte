<script lang="ts">
  import type { Schemas } from '../api/client';
  import { plain } from './figures';

  interface Props {
    label: string;
    reasons?: string[];
    derivation?: Schemas['Derivation'][];
  }
  let { label, reasons = [], derivation = [] }: Props = $props();
  /** Unfolded only: a desk answers with every key, and nobody sees what is folded away. */
  let open = $state(false);
</script>

<details ontoggle={(e) => (open = e.currentTarget.open)}>
  <summary>{label}</summary>
  {#if open}
    <ul>
      {#each reasons as reason (reason)}<li>{reason}</li>{/each}
    </ul>
    {#if derivation.length}
      <table class="ledger">
        <thead>
          <tr><th>Symbol</th><th class="num">Value</th><th>From</th><th>Source</th></tr>
        </thead>
        <tbody>
          {#each derivation as d, i (i)}
            <tr>
              <td class="symbol">{d.symbol}</td>
              <td class="num">{plain(d.value)} {d.unit === '1' ? '' : d.unit}</td>
              <td>{d.formula}</td>
              <td class="soft">{d.source}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
  {/if}
</details>

<style>
  summary {
    cursor: pointer;
    color: var(--copper);
    padding: 0.25rem 0;
    width: fit-content;
  }
  ul {
    list-style: none;
    max-width: 70ch;
  }
  li {
    padding: 0.125rem 0 0.125rem 0.75rem;
    border-left: 2px solid var(--hairline-soft);
  }
  table {
    margin-top: 0.5rem;
    max-width: 56rem;
  }
  table :is(td, th) {
    padding-top: 0.125rem;
    padding-bottom: 0.125rem;
    font-size: 0.8125rem;
  }
  .symbol {
    font-family: 'IBM Plex Mono', monospace;
    white-space: nowrap;
  }
</style>
