import { homeEdit } from '@ample-bolt/core/messages/home-messages';
import express, { Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { idIn } from '../../http/id-of.ts';
import { Problem } from '../../http/problem.ts';
import { validator } from '../../http/validator.ts';
import * as guest from './guest.ts';
import type { Stores } from '../../stores/stores.ts';
import { PICTURE } from './picture-check.ts';

const readEdit = validator(homeEdit);

/** Far above what measuring needs, far below what guessing or filling the disk needs. */
const MOST_A_MINUTE = 240;

/** What a private link opens: no account, nothing but the client's own entries. */
export function guestRoutes(stores: Pick<Stores, 'homeLinks' | 'tickets' | 'atOnce'>): Router {
  const router = Router();
  router.use(
    rateLimit({
      windowMs: 60_000,
      limit: MOST_A_MINUTE,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      // A proxy before this port names the caller; the limit then holds for all who come through it.
      validate: { xForwardedForHeader: false },
      handler: () => {
        throw new Problem(429, 'too-many', 'Too many requests at once; wait a minute and go on.');
      },
    }),
    (_request, response, next) => {
      response.set('Cache-Control', 'no-store');
      next();
    },
  );
  router.get('/:token', async (request, response) => {
    response.json(await guest.guestPage(stores, request.params.token));
  });
  router.put('/:token', async (request, response) => {
    response.json(await guest.enterAsGuest(stores, request.params.token, readEdit(request.body)));
  });
  router.post('/:token/sent', async (request, response) => {
    response.json(await guest.sendAsGuest(stores, request.params.token));
  });
  router.post(
    '/:token/pictures',
    express.raw({ type: 'image/*', limit: PICTURE.bytes }),
    async (request, response) => {
      response.status(201).json(await guest.addPicture(stores, request.params.token, request.body));
    },
  );
  router.get('/:token/pictures/:picture', async (request, response) => {
    const { token, picture } = request.params;
    response.type('jpeg').send(await guest.pictureFor(stores, token, idIn(picture, 'picture')));
  });
  router.delete('/:token/pictures/:picture', async (request, response) => {
    const { token, picture } = request.params;
    response.json(await guest.removePicture(stores, token, idIn(picture, 'picture')));
  });
  return router;
}
