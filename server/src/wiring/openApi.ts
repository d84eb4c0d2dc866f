import { NestFactory } from '@nestjs/core';
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import Joi from 'joi';
import { DataSource } from 'typeorm';
import { AppModule } from './app.module.js';
import type { Config } from '../base/config.js';
import { listOf, namedShapes, record, shape, text } from '../base/http/shapes.js';

const problem = shape(
  'Problem',
  record({
    type: text,
    status: Joi.number().integer(),
    title: text,
    detail: text.optional(),
    errors: listOf(record({ field: text, message: text })).optional(),
  }).unknown(true),
);

/** The interface in OpenAPI 3.1: every route with its right, what it takes and what it answers. */
export function describeInterface(app: INestApplication): OpenAPIObject {
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setOpenAPIVersion('3.1.0')
      .setTitle('Riegel')
      .setDescription(
        'Door hardware, opening by opening. Lengths are whole ticks, 320 to the millimetre; masses grams. Errors are problem documents.',
      )
      .setVersion('1')
      .addGlobalResponse({
        status: 'default',
        description: 'A problem document (RFC 9457): why it was not done, in a sentence.',
        content: {
          'application/problem+json': {
            schema: { $ref: `#/components/schemas/${problem.$_getFlag('shape')}` },
          },
        },
      })
      .build(),
  );
  document.components = { ...document.components, schemas: namedShapes() as never };
  return document;
}

/**
 * The same without a database: nothing is started, only what the routes say of themselves is read.
 *
 * @internal read by scripts/interface.mjs
 */
export async function interfaceDocument(): Promise<OpenAPIObject> {
  const config = { requestsAMinute: 1 } as Config;
  const app = await NestFactory.create(
    AppModule.with(config, new DataSource({ type: 'mariadb' })),
    { preview: true, logger: false },
  );
  app.setGlobalPrefix('api');
  return describeInterface(app);
}
