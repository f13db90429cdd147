<script lang="ts">
  import { Button, PasswordInput, TextInput } from 'carbon-components-svelte';
  import { keep, kept } from '../api/drafts';
  import { here } from '../api/session.svelte';
  import { Submission } from '../api/submission.svelte';
  import TroubleNote from './TroubleNote.svelte';

  let name = $state(kept('sign-in'));
  let password = $state('');
  let chosen = $state('');
  let pin = $state('');
  /** The word was the one a lead handed over: now password and PIN are chosen. */
  let first = $state(false);
  const CHOOSE_FIRST = 428;
  const sending = new Submission();
  const at = (field: RegExp) => sending.at(field);
  const trouble = $derived(first ? sending.besides(/^password$/, /^pin$/) : sending.trouble);
  $effect(() => keep('sign-in', name));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    const taken = await sending.send(
      [name, password, chosen, pin],
      () => (first ? here.signInFirst(name, password, chosen, pin) : here.signIn(name, password)),
      () => keep('sign-in', ''),
    );
    if (!taken && sending.trouble?.status === CHOOSE_FIRST) {
      first = true;
      sending.trouble = null;
    }
  }
</script>

<form onsubmit={send}>
  {#if first}
    <h1>Welcome, {name}</h1>
    <p class="soft">
      The word you were given has done its work. Choose a password for signing in here, and a PIN
      for signing on a colleague’s tablet; nobody else sees either.
    </p>
    <PasswordInput
      tooltipAlignment="end"
      labelText="Password, 10 characters or more"
      bind:value={chosen}
      autocomplete="new-password"
      required
      invalid={at(/^password$/) !== ''}
      invalidText={at(/^password$/)}
    />
    <PasswordInput
      tooltipAlignment="end"
      labelText="PIN, {here.workshop?.leastPin ?? 4} to 8 digits"
      bind:value={pin}
      autocomplete="off"
      inputmode="numeric"
      invalid={at(/^pin$/) !== ''}
      invalidText={at(/^pin$/)}
    />
  {:else}
    <h1>Sign in</h1>
    <p class="soft">
      The ask line above works without it. Jobs, machines and records need to know who you are.
    </p>
    <TextInput labelText="Name" bind:value={name} autocomplete="username" required />
    <PasswordInput
      tooltipAlignment="end"
      labelText="Password"
      helperText="The first time, the word a lead gave you."
      bind:value={password}
      autocomplete="current-password"
      required
    />
  {/if}
  {#if trouble}<TroubleNote {trouble} />{/if}
  <Button type="submit" disabled={sending.busy}>
    {sending.busy ? 'Signing in …' : first ? 'Keep them and sign in' : 'Sign in'}
  </Button>
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
