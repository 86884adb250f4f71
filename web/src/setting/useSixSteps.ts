import { useState } from 'react';
import type { Problem, SetOn, SettingUp } from '../api/client';
import { useKeepSetting } from '../api/ready';

/** Which way figures went. */
export type Way = 'rise' | 'fall';

/** What was settled so far, of the six steps. */
interface Settled {
  master: string | undefined;
  temperature: string;
  pressed: Way | undefined;
  face: string | undefined;
  rocked: Way | undefined;
  returned: string;
  /** What a micrometer shows on the master. */
  shown: string;
  /** And once more. */
  again: string;
}

const NOTHING: Settled = {
  master: undefined,
  temperature: '',
  pressed: undefined,
  face: undefined,
  rocked: undefined,
  returned: '',
  shown: '',
  again: '',
};

/** The step at which a field stands. */
const STEP_OF: Record<string, number> = {
  wanted: 1,
  master: 2,
  temperature: 3,
  pressed: 4,
  graduation: 5,
  rocked: 6,
  returned: 6,
  shown: 4,
  again: 6,
};

/** Where one is among the six steps, and what was settled at each. */
export function useSixSteps(settingUp: SettingUp, wanted: string) {
  const keep = useKeepSetting(settingUp.gauge);
  const [step, setStep] = useState(1);
  const [settled, setSettled] = useState(NOTHING);
  const settle = (more: Partial<Settled>) => setSettled((before) => ({ ...before, ...more }));
  const { masters } = settingUp;
  const on: SetOn | undefined = masters.find(({ key }) => key === settled.master) ?? masters[0];
  const failure = keep.error as Problem | null;
  const refusedAt = (problem: Problem) => {
    if (problem.code === 'sense-differs') {
      // Both looks are forgotten: which of them was wrong nobody knows yet.
      settle({ pressed: undefined, rocked: undefined });
      setStep(4);
    } else {
      setStep(STEP_OF[problem.field] ?? 6);
    }
  };
  return {
    settingUp,
    /** One that is closed on the master and read, rather than put to zero in it. */
    isMicrometer: settingUp.micrometer,
    /** One whose figure in the master is read, whatever it shows sizes with. */
    showsSizes: settingUp.micrometer || settingUp.display,
    wanted,
    step,
    go: (to: number) => {
      keep.reset();
      setStep(to);
    },
    settled,
    settle,
    on,
    failure,
    /** What is refused, and belongs to no step. */
    refused: failure && STEP_OF[failure.field] === undefined ? failure.message : undefined,
    /** Where it stands, once it is set. */
    set: keep.data?.now,
    keep: () =>
      keep.mutate(
        {
          wanted,
          master: on?.key ?? '',
          temperature: settled.temperature,
          graduation: settled.face ?? '',
          pressed: settled.pressed ?? '',
          rocked: settled.rocked ?? '',
          returned: settled.returned,
          shown: settled.shown,
          again: settled.again,
        },
        { onError: (error) => refusedAt(error as Problem) },
      ),
  };
}

export type SixSteps = ReturnType<typeof useSixSteps>;
