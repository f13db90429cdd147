<script lang="ts">
  import { RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { onSheet } from './turns';

  interface Props {
    questions: Schemas['Questions'];
    jobId: string;
    version: number;
    may: boolean;
    taken: (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
  }
  let { questions, jobId, version, may, taken, reload }: Props = $props();
  type Side = Schemas['Questions']['sides'][number];
  const SIDES: Record<string, Side[]> = {
    both: ['LEFT', 'RIGHT'],
    left: ['LEFT'],
    right: ['RIGHT'],
  };
  const sending = new Submission(onSheet);
  const onSides = $derived(
    questions.sides.length > 1 ? 'both' : questions.sides[0] === 'LEFT' ? 'left' : 'right',
  );

  /** Short answers lie beside each other. */
  const lies = (answers: string[]) => answers.join('').length < 24;

  function choose(change: { option?: [string, string]; sides?: Side[] }) {
    void sending.send(
      change,
      (id) => {
        const options = Object.fromEntries(questions.options.map((q) => [q.option.id, q.answer]));
        if (change.option) options[change.option[0]] = change.option[1];
        const sides = questions.sided ? (change.sides ?? questions.sides) : [];
        return ask(
          api.POST('/api/jobs/{id}/choices', {
            params: { path: { id: jobId } },
            body: { id, options, sides, version },
          }),
        );
      },
      taken,
    );
  }
</script>

<section aria-label="This machine">
  <h2>This machine</h2>
  {#key sending.trouble}
    <div class="asked">
      {#each questions.options as q, i (q.option.id)}
        {#if q.job && q.job !== questions.options[i - 1]?.job}<p class="of soft">{q.job}</p>{/if}
        <RadioButtonGroup
          legendText={q.option.question}
          orientation={lies(q.option.answers.map((a) => a.words)) ? 'horizontal' : 'vertical'}
          selected={q.answer}
          disabled={!may}
          on:change={(e) => {
            if (e.detail !== q.answer) choose({ option: [q.option.id, String(e.detail)] });
          }}
        >
          {#each q.option.answers as a (a.id)}
            <RadioButton labelText={a.words} value={a.id} />
          {/each}
        </RadioButtonGroup>
      {/each}
      {#if questions.sided}
        <RadioButtonGroup
          legendText={questions.sidesQuestion}
          selected={onSides}
          disabled={!may}
          on:change={(e) => {
            if (e.detail !== onSides) choose({ sides: SIDES[String(e.detail)] ?? [] });
          }}
        >
          <RadioButton labelText="Both" value="both" />
          <RadioButton labelText="Left" value="left" />
          <RadioButton labelText="Right" value="right" />
        </RadioButtonGroup>
      {/if}
    </div>
  {/key}
  {#if sending.trouble}
    <TroubleNote
      trouble={sending.trouble}
      retry={sending.outrun ? reload : undefined}
      label="Show what is new"
    />
  {/if}
</section>

<style>
  .of {
    flex: 1 1 100%;
    font-size: 0.8125rem;
    border-bottom: 1px solid var(--hairline-soft);
  }
  .asked {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 2.5rem;
    margin-bottom: 1rem;
  }
</style>
