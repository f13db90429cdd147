<script lang="ts">
  import { CheckmarkOutline, Hourglass, RecentlyViewed, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';

  interface Props {
    standing: Schemas['Recheck']['standing'];
    outcome?: string | undefined;
  }
  let { standing, outcome }: Props = $props();
</script>

{#if outcome === 'HELD'}
  <span class="good"><CheckmarkOutline size={16} /> Held</span>
{:else if outcome === 'MOVED'}
  <span class="warn"><WarningAlt size={16} /> Moved</span>
{:else if standing === 'OVERDUE'}
  <span class="bad"><WarningAlt size={16} /> Overdue</span>
{:else if standing === 'DUE'}
  <span class="warn"><RecentlyViewed size={16} /> Due</span>
{:else}
  <span class="soft"><Hourglass size={16} /> Waiting</span>
{/if}

<style>
  span {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
    white-space: nowrap;
  }
</style>
