<script lang="ts">
  import { Button, PasswordInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  type Device = Schemas['Device'];
  let password = $state('');
  let wanted = $state('');
  let what = $state<'password' | 'pin'>('password');
  let done = $state('');
  const sending = new Submission();
  const ending = new Submission();
  const load = () => ask(api.GET('/api/session/devices'));
  const trouble = $derived(sending.besides(/./));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    done = '';
    await sending.send(
      [what, password, wanted],
      () =>
        what === 'password'
          ? ask(api.POST('/api/session/password', { body: { password, newPassword: wanted } }))
          : ask(api.POST('/api/session/pin', { body: { password, newPin: wanted } })),
      () => {
        done =
          what === 'password'
            ? 'Your password is another one now; you are signed out everywhere but here.'
            : 'Your PIN is another one now.';
        [password, wanted] = ['', ''];
      },
    );
  }
  const end = (device: Device, show: (devices: Device[]) => void) =>
    ending.send(
      device.key,
      () =>
        ask(api.DELETE('/api/session/devices/{key}', { params: { path: { key: device.key } } })),
      show,
    );
  /** What the device calls itself, as short as it tells two apart. */
  const named = (agent: string) => /\(([^;)]+)/.exec(agent)?.[1] ?? (agent || 'unknown device');
</script>

<h2 id="own">Your sign-in</h2>
<form onsubmit={send} aria-label="Change your password or PIN">
  <label>
    <span class="soft">Change</span>
    <select bind:value={what}>
      <option value="password">your password</option>
      <option value="pin">your PIN</option>
    </select>
  </label>
  <PasswordInput
    tooltipAlignment="end"
    labelText="The password of today"
    bind:value={password}
    autocomplete="current-password"
    invalid={sending.at(/^password$/) !== ''}
    invalidText={sending.at(/^password$/)}
  />
  <PasswordInput
    tooltipAlignment="end"
    labelText={what === 'password'
      ? 'The new one, 10 characters or more'
      : `The new PIN, ${here.workshop?.leastPin ?? 4} to 8 digits`}
    bind:value={wanted}
    autocomplete={what === 'password' ? 'new-password' : 'off'}
    invalid={sending.at(/^new/) !== ''}
    invalidText={sending.at(/^new/)}
  />
  <Button
    type="submit"
    size="field"
    kind="tertiary"
    disabled={sending.busy || !password || !wanted}
  >
    {sending.busy ? 'Changing …' : 'Change it'}
  </Button>
</form>
{#if done}<p role="status" class="good">{done}</p>{/if}
{#if trouble}<TroubleNote {trouble} />{/if}
<h3>Where you are signed in</h3>
<Loaded {load}>
  {#snippet children(devices, show)}
    <ul class="lines">
      {#each devices as device (device.key)}
        <li>
          <span>{named(device.agent)}</span>
          <span class="soft">
            since {moment(device.since)}, last seen {moment(device.lastSeen)}
          </span>
          {#if device.here}
            <span class="soft">this one</span>
          {:else}
            <button class="quiet" type="button" onclick={() => void end(device, show)}>
              Sign out there
            </button>
          {/if}
        </li>
      {/each}
    </ul>
  {/snippet}
</Loaded>
{#if ending.trouble}<TroubleNote trouble={ending.trouble} />{/if}

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
    gap: 0.75rem;
    align-items: end;
    padding-bottom: 0.75rem;
    max-width: 64rem;
  }
  label {
    display: grid;
    font-size: 0.75rem;
  }
  select {
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    font-size: 0.875rem;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1rem;
    align-items: center;
    min-height: 2.75rem;
  }
</style>
