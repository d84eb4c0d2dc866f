export { addresseeOf } from './addressee.js';
export {
  questionsOf,
  type AskedOpening,
  type FactValue,
  type LikelyAnswer,
  type ProjectQuestion,
} from './questions.js';
export {
  answerText,
  QUESTION_COLUMNS,
  questionLetter,
  questionRows,
  questionText,
  readAnswers,
  type ReadAnswers,
} from './sheet.js';
