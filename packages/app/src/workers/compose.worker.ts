import { compose } from '@drubo/core/composing';
import { inputAt } from '../data/composing-input';
import type { ComposeQuestion } from './ask-composer';
import { answerWith } from './ask-worker';

answerWith(({ from, kitId, wish }: ComposeQuestion) => compose(inputAt(from, kitId), wish));
