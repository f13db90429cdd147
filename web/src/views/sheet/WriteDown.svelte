<script lang="ts">
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import { onSheet } from './turns';

  interface Props {
    label: string;
    button?: string;
    inputmode?: 'decimal' | 'text';
    maxlength?: number;
    wide?: boolean;
    /** Sends what was typed; the id makes a resend harmless. */
    send: (typed: string, id: string) => Promise<void>;
  }
  let {
    label,
    button = 'Write down',
    inputmode = 'text',
    maxlength = 200,
    wide = false,
    send,
  }: Props = $props();
  let typed = $state('');
  const sending = new Submission(onSheet);
  const message = $derived(
    sending.trouble?.errors.map((p) => p.message).join(' ') || sending.trouble?.detail,
  );

  function say(e: SubmitEvent) {
    e.preventDefault();
    // It may have to wait for what was said before; then something else may be in hand.
    const said = typed;
    const sent = send;
    void sending.send(
      said,
      (id) => sent(said, id),
      () => (typed = ''),
    );
  }
</script>

<form class="no-print" onsubmit={say}>
  <div class:wide><Field {label} bind:value={typed} {inputmode} {maxlength} /></div>
  <button class="quiet" disabled={sending.busy || !typed.trim()}>{button}</button>
</form>
{#if message}<p class="bad" role="alert">{message}</p>{/if}

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
    margin-top: 0.5rem;
  }
  div {
    width: 9rem;
  }
  .wide {
    width: 22rem;
    max-width: 100%;
  }
</style>
