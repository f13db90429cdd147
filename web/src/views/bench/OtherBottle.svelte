<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { keep, kept } from '../../api/drafts';
  import Field from '../../shell/Field.svelte';
  import Unfold from './Unfold.svelte';
  import type { BenchRun } from '../../run/run.svelte';
  import type { Schemas } from '../../api/client';

  interface Props {
    run: BenchRun;
    joint: Schemas['RunJoint'];
    words: string;
    stopped: boolean;
  }
  let { run, joint, words, stopped }: Props = $props();
  // svelte-ignore state_referenced_locally
  const draft = `bottle.${run.page.jobId}.${joint.id}`;
  // svelte-ignore state_referenced_locally
  let product = $state(kept(`${draft}.product`) || (joint.onThread.laidOut?.name ?? ''));
  let lot = $state(kept(`${draft}.lot`));
  $effect(() => keep(`${draft}.product`, product));
  $effect(() => keep(`${draft}.lot`, lot));
  const message = (field: string) => run.trouble?.errors.find((e) => e.field === field)?.message;

  async function say() {
    const taken = await run.say({
      kind: 'OTHER_PRODUCT',
      product: product.trim(),
      ...(lot.trim() ? { lot: lot.trim() } : {}),
    });
    if (taken) {
      keep(`${draft}.product`, '');
      keep(`${draft}.lot`, '');
    }
  }
</script>

<Unfold {words}>
  <form
    onsubmit={(e) => {
      e.preventDefault();
      if (!stopped && product.trim()) void say();
    }}
  >
    <div class="text">
      <Field label="What stands on it" bind:value={product} large message={message('product')} />
    </div>
    <div class="text">
      <Field label="Lot, as printed" bind:value={lot} large message={message('lot')} />
    </div>
    <Button type="submit" class="large" kind="tertiary" disabled={stopped || !product.trim()}
      >Done with it</Button
    >
  </form>
</Unfold>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
    padding-bottom: 0.75rem;
  }
  .text {
    flex: 1 1 14rem;
    max-width: 22rem;
  }
  .text :global(input.large) {
    min-height: 4rem;
    font-size: 1.25rem;
  }
  form :global(.large.bx--btn) {
    min-height: 4rem;
    font-size: 1.25rem;
    align-items: center;
  }
</style>
