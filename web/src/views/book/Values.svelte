<script lang="ts">
  import { CheckmarkOutline } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import Entry from './Entry.svelte';

  interface Props {
    values: Schemas['BookValue'][];
    sources: Schemas['Named'][];
    conditions: Schemas['Named'][];
    changed: () => void;
  }
  let { values, sources, conditions, changed }: Props = $props();
  let opened = $state('');
  const years = (v: Schemas['BookValue']) =>
    v.yearFrom === v.yearTo ? String(v.yearFrom) : `${v.yearFrom}–${v.yearTo}`;
  const words = (list: Schemas['Named'][], code: string) =>
    list.find((n) => n.code === code)?.words ?? code;
</script>

<div class="wide">
  <table class="ledger">
    <thead>
      <tr>
        <th class="num">Stated</th>
        <th>Joint</th>
        <th>Machine</th>
        <th>Threads</th>
        <th>Where it stands</th>
        <th>Entered, confirmed</th>
      </tr>
    </thead>
    <tbody>
      {#each values as v (v.id)}
        <tr class:open={opened === v.id}>
          <td class="num">
            <button
              class="quiet figure"
              type="button"
              aria-expanded={opened === v.id}
              onclick={() => (opened = opened === v.id ? '' : v.id)}>{v.torque}</button
            >
          </td>
          <td><strong>{v.place}</strong> <span class="soft">{v.thread}</span></td>
          <td>
            {v.make}
            {v.model}
            <span class="soft">{years(v)}{v.variant ? `, ${v.variant}` : ''}</span>
          </td>
          <td class="soft">{words(conditions, v.condition)}</td>
          <td>{v.document} <span class="soft">{words(sources, v.source)}</span></td>
          <td>
            {v.saidBy}{#if v.confirmedBy}<span class="good">
                <CheckmarkOutline size={16} /> {v.confirmedBy}</span
              >{:else}<span class="soft">, not confirmed</span>{/if}
          </td>
        </tr>
        {#if opened === v.id}
          <tr class="in">
            <td colspan="6"><Entry id={v.id} {sources} {conditions} {changed} /></td>
          </tr>
        {/if}
      {/each}
    </tbody>
  </table>
</div>

<style>
  .wide {
    overflow-x: auto;
  }
  table {
    min-width: 52rem;
  }
  td .good {
    display: inline-flex;
    gap: 0.25rem;
    align-items: center;
    padding-left: 0.5rem;
  }
  table.ledger td {
    vertical-align: middle;
  }
  table.ledger .open td {
    border-bottom-color: transparent;
  }
  table.ledger .in td {
    padding: 0 0 0.75rem 1rem;
    border-left: 3px solid var(--copper);
  }
</style>
