<script lang="ts">
  import { Button, PasswordInput, TextInput } from 'carbon-components-svelte';
  import { keep, kept } from '../api/drafts';
  import { here } from '../api/session.svelte';
  import { Submission } from '../api/submission.svelte';
  import TroubleNote from './TroubleNote.svelte';

  let name = $state(kept('sign-in'));
  let password = $state('');
  const sending = new Submission();
  $effect(() => keep('sign-in', name));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      [name, password],
      () => here.signIn(name, password),
      () => keep('sign-in', ''),
    );
  }
</script>

<form onsubmit={send}>
  <h1>Sign in</h1>
  <p class="soft">
    The ask line above works without it. Jobs, machines and records need to know who you are.
  </p>
  <TextInput labelText="Name" bind:value={name} autocomplete="username" required />
  <PasswordInput
    labelText="Password"
    bind:value={password}
    autocomplete="current-password"
    required
  />
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
  <Button type="submit" disabled={sending.busy}>{sending.busy ? 'Signing in …' : 'Sign in'}</Button>
</form>

<style>
  form {
    max-width: 24rem;
    display: grid;
    gap: 1rem;
    margin-top: 8vh;
    margin-left: clamp(0rem, 8vw, 8rem);
  }
</style>
