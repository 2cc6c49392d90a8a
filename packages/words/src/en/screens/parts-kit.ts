/** What parts-kit says. */
export const partsKitWords = {
  kitLines: {
    pieceLabels: {
      dumbbell: 'Dumbbells',
      kettlebell: 'Kettlebells',
      bar: 'Bars',
      'trap-bar': 'Trap bars',
      plate: 'Plates',
      'home-weight': 'Weights at home',
    },
    placeLabels: { studio: 'Studio', home: 'Home', hotel: 'Hotel' },
    problems: {
      empty: 'has no size yet',
      'not-a-number': 'is not a size: write 8, or 2–30 by 2',
      'not-above-zero': 'must be more than 0',
      'too-heavy': 'must be at most 500',
      falls: 'must rise: the lower size comes first',
      step: 'needs a step above 0',
      'too-many': 'would be more than 60 sizes',
    },
    standsInAnotherLine: (number: string, unit: string) => `${number} ${unit} stands in another line already`,
    cm: (number: string) => ` ${number} cm`,
    safetyBars: 'safety bars',
    nothingYet: 'nothing yet',
  },
};
