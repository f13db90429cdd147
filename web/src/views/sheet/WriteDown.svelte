<script lang="ts">
  import { asTrouble } from '../../api/client';

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
  let message = $state('');
  let id = crypto.randomUUID();

  async function say(e: SubmitEvent) {
    e.preventDefault();
    message = '';
    try {
      await send(typed, id);
      typed = '';
    } catch (caught) {
      const trouble = asTrouble(caught);
      message = trouble.errors.map((p) => p.message).join(' ') || trouble.detail;
    }
    id = crypto.randomUUID();
  }
</script>

<form class="no-print" onsubmit={say}>
  <label>
    {label}
    <input class="quiet" class:wide bind:value={typed} {inputmode} {maxlength} autocomplete="off" />
  </label>
  <button class="quiet" disabled={!typed.trim()}>{button}</button>
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
  label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  input {
    width: 9rem;
  }
  .wide {
    width: 22rem;
    max-width: 100%;
  }
</style>
