import Joi from 'joi';
import {
  coreShape,
  id,
  listOf,
  moment,
  record,
  roughly,
  shape,
  text,
  whole,
} from '../../base/http/shapes.js';

const release = {
  number: whole.min(1),
  name: text,
  reason: text,
  personName: text,
  coreVersion: text,
  createdAt: moment,
  files: listOf(
    record({ name: text, type: text, sha256: Joi.string().hex().length(64), size: whole }),
  ),
};

export const releaseView = shape('ReleaseView', record({ id, ...release }));
export const releases = record({ releases: listOf(releaseView) });

/** A release as somebody without an account sees it. */
export const sharedRelease = shape('SharedRelease', record({ ...release, projectName: text }));

export const difference = coreShape(
  'ReleaseDifference',
  roughly('What was added, what is gone, what changed, opening by opening.', [
    'added',
    'gone',
    'changed',
    'same',
  ]),
);

export const shares = record({
  shares: listOf(record({ id, createdAt: moment, expiresAt: moment })),
});

/** A link to a release; its secret is told this once. */
export const shared = record({ id, token: Joi.string(), expiresAt: moment });
