<script lang="ts">
  interface Props {
    /** What was set, by name. */
    set: { key: string; name: string; value: string }[];
    /** Where it opens again. */
    address: string;
  }
  let { set, address }: Props = $props();
</script>

<dl>
  {#each set as one (one.key)}<div>
      <dt>{one.name}</dt>
      <dd>{one.value}</dd>
    </div>{/each}
</dl>
<p class="soft">Opens again at {window.location.origin}{address}</p>

<style>
  dl,
  p {
    display: none;
  }
  dt {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  @media print {
    dl {
      display: grid;
      grid-template-columns: repeat(4, 1fr);
      gap: 0.25rem 1rem;
      margin: 0.5rem 0;
    }
    p {
      display: block;
      overflow-wrap: anywhere;
      font-size: 0.75rem;
    }
  }
</style>
