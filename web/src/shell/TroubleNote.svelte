<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { Button } from 'carbon-components-svelte';
  import type { Trouble } from '../api/client';

  interface Props {
    trouble: Trouble;
    retry?: () => void;
    label?: string;
  }
  let { trouble, retry, label = 'Try again' }: Props = $props();
</script>

<div class="note" role="alert">
  <WarningAlt size={20} />
  <p>{trouble.detail}</p>
  {#if retry}<Button size="small" kind="tertiary" on:click={retry}>{label}</Button>{/if}
</div>

<style>
  .note {
    display: flex;
    gap: 0.75rem;
    align-items: center;
    padding: 0.5rem 0.75rem;
    margin: 0.5rem 0;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
    color: var(--ink);
  }
  p {
    flex: 1;
  }
</style>
