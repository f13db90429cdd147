<script lang="ts">
  import { CheckmarkOutline, Time, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { hour, moment } from '../../joint/figures';

  let { clocks }: { clocks: Schemas['CureClock'][] } = $props();
</script>

{#if clocks.length}
  <ul aria-label="What is setting">
    {#each clocks as clock (clock.jointId)}
      <li class:bad={clock.late}>
        {#if clock.late}<WarningAlt size={20} />{:else if clock.finalAt}<CheckmarkOutline
            size={20}
          />{:else}<Time size={20} />{/if}
        <span>
          <strong>{clock.title}</strong>, {clock.product}:
          {#if clock.late}{clock.words}
          {:else if clock.ridableFrom}ridable from
            <strong class="figure">{moment(clock.ridableFrom)}</strong>
          {:else if clock.finalBy && !clock.finalAt}final torque by
            <strong class="figure">{hour(clock.finalBy)}</strong>
          {:else}{clock.words}{/if}
        </span>
      </li>
    {/each}
  </ul>
{/if}

<style>
  ul {
    list-style: none;
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 2rem;
    padding: 0.25rem 0;
  }
  li {
    display: flex;
    gap: 0.5rem;
    align-items: center;
  }
</style>
