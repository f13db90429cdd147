<script lang="ts">
  interface Props {
    label: string;
    value: string;
    /** What can be chosen: what it stands for, and its words. */
    options: [string, string][];
    disabled: boolean;
  }
  let { label, value = $bindable(), options, disabled }: Props = $props();
</script>

<label>
  {label}
  <select bind:value {disabled}>
    {#each options as [code, words] (code)}<option value={code}>{words}</option>{/each}
  </select>
</label>

<style>
  label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  select {
    display: block;
    width: 100%;
    min-height: 3.5rem;
    padding: 0 0.5rem;
    font: inherit;
    font-size: 1rem;
    background: var(--raised);
    color: var(--ink);
    border: 1px solid var(--hairline);
  }
</style>
