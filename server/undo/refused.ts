import { Refusal } from '../utils/refusal'

export const noSuchUndoable = () =>
  new Refusal(404, 'too-late', 'That can be taken back no more: a day has passed, or it was taken back already.', 'id')
