<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';

  let { turn }: { turn: number } = $props();
  let doubts = $state.raw<Schemas['DoubtedValue'][]>([]);
  $effect(() => {
    void turn;
    void ask(api.GET('/api/book/doubts')).then(
      (found) => (doubts = found),
      () => (doubts = []),
    );
  });
</script>

{#if doubts.length}
  <details class="fold">
    <summary class="warn">
      <WarningAlt size={16} />
      {doubts.length}
      {doubts.length === 1 ? 'value disagrees' : 'values disagree'} with another, to work through
    </summary>
    <ul class="lines">
      {#each doubts as d (d.value.id)}
        <li>
          <strong>{d.value.place}</strong>
          <span class="figure">{d.value.torque}</span>
          {d.value.make}
          {d.value.model}
          <span class="soft">{d.value.document}, {d.value.saidBy}</span>
          {#each [...d.slips, ...d.conflicts] as words (words)}<div>{words}</div>{/each}
        </li>
      {/each}
    </ul>
  </details>
{/if}

<style>
  summary {
    display: flex;
    gap: 0.5rem;
    align-items: center;
  }
</style>
