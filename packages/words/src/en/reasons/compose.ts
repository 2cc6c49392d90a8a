import type { ComposeReasons } from '@drubo/core/reason-codes/compose';
import { formatMass } from '../format';
import { formatNumber } from '../../formats';
import { EMPHASIS_LABELS, FAMILY_LABELS, GOAL_LABELS, KIT_LABELS, TASK_LABELS } from '../labels';
import { SHAPE_LABELS } from '../sheet-labels';
import { goal, load } from './parts';
import type { WordsFor } from './types';
import { inSentence } from '../in-sentence';
import { counted } from '../counted';

/** Why a session is made up as it is, in words. */
export const COMPOSE_WORDS: WordsFor<ComposeReasons> = {
  'fits-standing': (v, c) =>
    v.stage === v.targetStage
      ? `${c.nameOf(v.variationId)} is the stage this person stands on.`
      : `${c.nameOf(v.variationId)} is stage ${v.stage}; the person stands on stage ${v.targetStage}.`,
  'fits-beside': (v, c) => `${c.nameOf(v.variationId)} trains the same family by another way.`,
  'keeps-on': (v, c) => `Goes on with ${inSentence(c.nameOf(v.variationId))}: changing often hides progress.`,
  'trains-muscle': (v) =>
    `For the ${EMPHASIS_LABELS[v.emphasis]}: ${counted(v.setsWanted, 'set')} wanted today of what the week still lacks.`,
  'answers-finding': (v, c) => `${c.nameOf(v.variationId)} answers what the last screening saw.`,
  'warms-up': (v, c) => `${c.nameOf(v.variationId)} warms up for what comes.`,
  restores: (v, c) => `${c.nameOf(v.variationId)}: easy range between hard days.`,
  'eases-off': (v, c) => `${c.nameOf(v.variationId)} eases off what was worked.`,
  'taught-together': (v, c) => `${c.nameOf(v.variationId)} is one of the four that are taught together.`,
  'skill-to-practise': (v, c) => `${c.nameOf(v.variationId)}: the furthest they have earned of a skill to practise.`,
  'ends-by-goal': (v) => `A timed finisher, because the goal is “${goal(v.goal)}”.`,
  'for-second-goal': (v, c) => `${c.nameOf(v.variationId)} is for the second goal: ${inSentence(GOAL_LABELS[v.goal])}.`,
  'for-task': (v, c) => `${c.nameOf(v.variationId)} is for ${TASK_LABELS[v.task]}.`,
  wanted: (v, c) => `${c.nameOf(v.variationId)} was asked for.`,
  'second-goal-left': (v) => `Nothing for the second goal, ${inSentence(GOAL_LABELS[v.goal])}: no room in ${v.minutes} min.`,
  'task-left': (v) => `Nothing for ${TASK_LABELS[v.task]} today: no room in ${v.minutes} min.`,
  'for-power': (v, c) => `${c.nameOf(v.variationId)} is fast work, first while fresh, because power is wanted.`,
  'pairs-with': (v, c) =>
    `${c.nameOf(v.variationId)} fills the rest of ${inSentence(c.nameOf(v.withVariationId))} and needs nothing of its kit.`,
  'fewer-sets': (v) => `${counted(v.sets, 'set')} instead of ${v.usualSets}: ${v.minutes} min hold no more.`,
  'more-sets': (v) => `This week of the block asks for more: ${counted(v.sets, 'set')} instead of ${v.usualSets}.`,
  'sets-second': (v) => `${counted(v.sets, 'set')}: it comes after the first lifts, which have ${v.usualSets}.`,
  'reps-by-test': (v) =>
    `The first heavy day of a block looks for what can be done now: ${v.repsLow} to ${v.repsHigh} reps, ${v.reserve} left.`,
  'reps-by-zone': (v) => `On this day of the plan it goes for ${v.repsLow} to ${v.repsHigh} reps.`,
  'fewer-for-week': (v) =>
    `${counted(v.sets, 'set')} instead of ${v.usualSets}: today holds at most ${formatNumber(v.most)} hard sets on the ${EMPHASIS_LABELS[v.emphasis]}, the week ${v.cap}.`,
  'fewer-for-others': (v) => `${counted(v.sets, 'set')} instead of ${v.usualSets}: other work needed the room more.`,
  'fewer-for-plan': (v) => `${counted(v.sets, 'set')} instead of ${v.usualSets}: this week of the plan begins low and grows.`,
  'left-for-plan': (v, c) => `${c.nameOf(v.variationId)} waits: this week of the plan begins low and grows.`,
  'gave-up-plan': (v) =>
    `${formatNumber(v.sets)} of ${counted(v.setsWanted, 'set')} wanted on the ${EMPHASIS_LABELS[v.emphasis]}: this week of the plan begins low and grows.`,
  'left-for-week': (v, c) =>
    `${c.nameOf(v.variationId)} sits out today: today holds at most ${formatNumber(v.most)} hard sets on the ${EMPHASIS_LABELS[v.emphasis]}, the week ${v.cap}.`,
  'left-for-exercises': (v, c) => `${c.nameOf(v.variationId)} sits out today: ${v.most} exercises are enough for one session.`,
  'left-for-others': (v, c) => `${c.nameOf(v.variationId)} sits out today: what the week lacks more has its place.`,
  'dose-by-shape': (v) => `${SHAPE_LABELS[v.shape]}: ${counted(v.sets, 'set')}, ${v.restSeconds} s rest after each.`,
  'shape-load': (v, c) => `${SHAPE_LABELS[v.shape]}: ${load(v.loadKg, c.unit)} instead of ${load(v.usualKg, c.unit)}.`,
  'rests-48h': (v) =>
    `${FAMILY_LABELS[v.family]} was trained hard ${v.days === 0 ? 'today' : 'the day before'}. Two days apart is the rule.`,
  'gave-up-exercises': (v) =>
    `${v.most} exercises are enough for one session: ${formatNumber(v.sets)} of ${counted(v.setsWanted, 'set')} wanted on the ${EMPHASIS_LABELS[v.emphasis]}.`,
  'gave-up-muscle': (v) =>
    `No room in ${v.minutes} min for more work on the ${EMPHASIS_LABELS[v.emphasis]}: ${formatNumber(v.sets)} of ${counted(v.setsWanted, 'set')} wanted.`,
  'gave-up-week': (v) =>
    `${formatNumber(v.sets)} of ${counted(v.setsWanted, 'set')} wanted on the ${EMPHASIS_LABELS[v.emphasis]}: more would go over today’s ${formatNumber(v.most)} on the ${EMPHASIS_LABELS[v.by]} (${v.cap} a week).`,
  'gave-up-others': (v) =>
    `${formatNumber(v.sets)} of ${counted(v.setsWanted, 'set')} wanted on the ${EMPHASIS_LABELS[v.emphasis]}: other work needed the room more.`,
  'week-target': (v) =>
    `On the ${EMPHASIS_LABELS[v.emphasis]} ${formatNumber(v.weekly)} hard sets a week, ${formatNumber(v.done)} done: ${formatNumber(v.today)} wanted today.`,
  'nothing-fits': (v) =>
    v.leastMinutes > 0 ? `Nothing fits into ${v.minutes} min.` : 'Nothing fits: no exercise is open for this person here.',
  'relax-minutes': (v) => `${v.minutes} min would hold one exercise.`,
  'relax-place': (v) => `Another place, or more kit here, would open ${counted(v.exercises, 'exercise')}.`,
  'relax-limits': (v) => `Limits lock ${counted(v.exercises, 'exercise')}. What would open them stands on the health page.`,
  'not-finished': (v) => `The search was cut off after ${v.nodes} steps: a good session, perhaps not the best.`,
  'chosen-by-hand': (v, c) => `You chose ${inSentence(c.nameOf(v.variationId))}.`,
  'from-template': (v) => `From your template “${v.name}”.`,
  'warn-shared-kit': (v, c) =>
    `${c.nameOf(v.variationId)} and ${inSentence(c.nameOf(v.otherId))} go in turn and both need the ${inSentence(KIT_LABELS[v.item])}.`,
  'warn-minutes': (v) => `${v.minutes} min, ${v.minutes - v.budget} more than there are.`,
  'warn-order': (v, c) =>
    `${c.nameOf(v.variationId)} is heavier and comes after ${inSentence(c.nameOf(v.beforeId))}. Heavy and skilful work goes first.`,
  'warn-locked': (v, c) => `${c.nameOf(v.variationId)} is not open for this person here.`,
  'warn-setting': (v, c) => `A setting of ${inSentence(c.nameOf(v.variationId))} lies outside what the limits allow.`,
  'warn-48h': (v) =>
    `${FAMILY_LABELS[v.family]} was trained hard ${v.days === 0 ? 'today' : 'the day before'}: easier today, or another day.`,
  'warn-balance': (v) => `${counted(v.kneeSets, 'set')} for the knees against ${v.hipSets} for the hips.`,
  'warn-unequal-rounds': (v, c) =>
    `${c.nameOf(v.variationId)} has ${counted(v.sets, 'set')}, ${inSentence(c.nameOf(v.otherId))} ${v.otherSets}: in turn they should have as many.`,
  'warn-off-kit': (v, c) =>
    `${formatMass(v.loadKg, c.unit)} for ${inSentence(c.nameOf(v.variationId))} can't be made here. The nearest is ${load(v.nearestKg, c.unit)}.`,
  'warn-twice': (v, c) => `${c.nameOf(v.variationId)} stands on the sheet twice.`,
  'warn-prerequisite': (v, c) =>
    `${c.nameOf(v.variationId)} builds on ${inSentence(c.nameOf(v.prerequisiteId))}, which was never logged.`,
};
