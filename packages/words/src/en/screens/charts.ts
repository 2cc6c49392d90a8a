/** What charts says. */
export const chartsWords = {
  balanceBeam: {
    kneeHipOfThe: (knee: number, value: number) => `Knee ${knee} %, hip ${value} % of the work`,
  },
  chartCard: {
    chart: 'Chart',
    table: 'Table',
    showThe: (title: string, isTable: boolean) => `${title}: show the ${isTable ? 'chart' : 'table'}`,
    scrollsSideways: (title: string) => `${title}, scrolls sideways`,
    copyTheTable: 'Copy the table',
  },
  emphasisMap: {
    some: 'some',
    aLot: 'a lot',
    aLittle: 'a little',
    trains: (says: string) => `Trains ${says}`,
    back: 'back',
    front: 'front',
    trainsAtStart: 'Trains',
  },
  resistanceChart: {
    dashed: 'dashed',
    wholeLine: 'whole line',
    resistanceFromTopTo: (curves: string) => `Resistance from top to bottom: ${curves}`,
    top: 'top',
    bottom: 'bottom',
    thinWithTheBand: '   thin: with the band',
  },
  setMarks: {
    sideLetters: { left: 'L', right: 'R', both: '' },
    no: 'no',
    reps: (reps: number | string, value: string) => `${reps} reps${value}`,
    doneTopOfThe: (label: string, top: number) => `Done: ${label}; top of the range ${top}`,
    noSetLogged: 'No set logged',
  },
};
