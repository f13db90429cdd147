<script lang="ts">
</script>

<svelte:head><title>Not found · Unimetric</title></svelte:head>
<h1>There is nothing at this address</h1>
<p><a href="/">Go to Today</a></p>
