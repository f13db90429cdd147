<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { api, ask } from '../../api/client';

  let words = $state('');
  // Whoever cannot ask has a day's list to work by all the same.
  ask(api.GET('/api/disk', {})).then(
    (disk) => (words = disk.words ?? ''),
    () => undefined,
  );
</script>

{#if words}<p class="disk" role="alert"><WarningAlt size={16} /> {words}</p>{/if}

<style>
  .disk {
    margin-bottom: 1rem;
    padding: 0.75rem 1rem;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
  }
</style>
