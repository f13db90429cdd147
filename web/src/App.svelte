<script lang="ts">
  import { Router } from 'sv-router';
  import './router';
  import { theme } from './theme/theme.svelte';

  $effect(() => theme.apply());
</script>

<Router />
