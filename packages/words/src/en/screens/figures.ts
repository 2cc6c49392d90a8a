/** What figures says. */
export const figuresWords = {
  figure: {
    view: (name: string, view: string) => `${name}, ${view} view`,
    figure: 'Figure',
  },
  movingFigure: {
    countFromRep1: 'Count from rep 1',
    pauseTheFigure: 'Pause the figure',
    moveTheFigure: 'Move the figure',
  },
  tempoReadout: {
    rep: (rep: number) => `rep ${rep}`,
    repOf: (rep: number, reps: number) => `rep ${rep} of ${reps}`,
    repsCounted: (reps: number) => `${reps} reps counted`,
    s: (phase: string, partSeconds: number) => `${phase} ${partSeconds} s`,
    tempo: (phase_order: string) => `Tempo: ${phase_order}`,
  },
  timedReadout: {
    s: (seconds: number, isHold: boolean) => `${seconds} s, ${isHold ? 'held still' : 'going on'}`,
    sWithSeconds: (seconds: number) => `${seconds} s`,
    hold: 'hold',
    goOn: 'go on',
  },
  phaseWords: {
    phaseWords: {
      lowering: 'down',
      bottom: 'hold low',
      lifting: 'up',
      top: 'hold high',
    },
  },
};
