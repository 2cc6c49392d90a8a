import { compose } from '@drubo/core/composing';
import { composeSheet } from '@drubo/core/loop';
import { inputAt } from '../data/composing-input';
import type { ComposeQuestion, PlanDayQuestion } from './ask-composer';
import { answerWith } from './ask-worker';

answerWith((question: ComposeQuestion | PlanDayQuestion) => {
  const { from, kitId } = question;
  if ('wish' in question) return compose(inputAt(from, kitId), question.wish);
  let ids = 0;
  return composeSheet(inputAt(from, kitId), {
    minutes: from.minutes,
    last: question.last,
    newId: () => `proposed-${(ids += 1)}`,
  });
});
