<script lang="ts">
  import { asSvg } from '../../ruler/asSvg';

  let {
    name,
    drawn,
  }: { name: string; drawn: () => Parameters<typeof asSvg>[0] | null | undefined } = $props();
  let copied = $state(false);

  async function share() {
    await window.navigator.clipboard.writeText(window.location.href);
    copied = true;
  }
  function save() {
    const svg = drawn();
    if (!svg) return;
    const link = document.createElement('a');
    link.href = window.URL.createObjectURL(
      new window.Blob([asSvg(svg)], { type: 'image/svg+xml' }),
    );
    link.download = `${name}.svg`;
    link.click();
    window.URL.revokeObjectURL(link.href);
  }
</script>

<p class="no-print">
  <button class="quiet" type="button" onclick={() => window.print()}>Print</button>
  <button class="quiet" type="button" onclick={save}>Save the drawing</button>
  <button class="quiet" type="button" onclick={() => void share()}>Copy the link</button>
  {#if copied}<span role="status" class="soft">Copied; it opens with these figures.</span>{/if}
</p>

<style>
  p {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1.25rem;
    align-items: center;
    margin-top: 0.75rem;
  }
</style>
