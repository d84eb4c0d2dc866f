import {
  createCipheriv,
  createDecipheriv,
  createHash,
  hkdfSync,
  randomBytes,
  randomInt,
} from 'node:crypto';
import { HttpStatus, Inject, Injectable } from '@nestjs/common';
import { generateSecret, generateURI, verify } from 'otplib';
import QRCode from 'qrcode';
import { DataSource } from 'typeorm';
import { CONFIG, type Config } from '../../base/config.js';
import { inTransaction } from '../../base/database/transaction.js';
import { invalid, Problem } from '../../base/http/problem.js';
import { Person } from '../../base/entities/person.entity.js';
import { RecoveryCode } from '../../base/entities/recoveryCode.entity.js';

const ISSUER = 'Riegel';

/** A clock may be this far off. */
const TOLERANCE_SECONDS = 30;
const CODES = 10;

/** No letters or figures that look alike. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

const hashOf = (code: string) => createHash('sha256').update(code).digest('hex');
const plain = (code: string) => code.toLowerCase().replace(/[^a-z0-9]/g, '');

/** A second factor by time-based codes (RFC 6238), with recovery codes for when the device is gone. */
@Injectable()
export class SecondFactorService {
  private readonly key: Buffer;

  constructor(
    private readonly source: DataSource,
    @Inject(CONFIG) config: Config,
  ) {
    this.key = Buffer.from(hkdfSync('sha256', config.secret, '', 'riegel second factor', 32));
  }

  private seal(secret: string): string {
    const iv = randomBytes(12);
    const cipher = createCipheriv('aes-256-gcm', this.key, iv);
    const body = Buffer.concat([cipher.update(secret, 'utf8'), cipher.final()]);
    return Buffer.concat([iv, cipher.getAuthTag(), body]).toString('base64');
  }

  private unseal(sealed: string): string {
    const bytes = Buffer.from(sealed, 'base64');
    const cipher = createDecipheriv('aes-256-gcm', this.key, bytes.subarray(0, 12));
    cipher.setAuthTag(bytes.subarray(12, 28));
    try {
      return Buffer.concat([cipher.update(bytes.subarray(28)), cipher.final()]).toString('utf8');
    } catch {
      throw new Problem(
        HttpStatus.CONFLICT,
        'The second factor was set up under another RIEGEL_SECRET. An administrator can turn it off.',
      );
    }
  }

  /** Begins setting up: a new secret, as text and as a picture to be photographed. Not in force yet. */
  async begin(person: Person): Promise<{ secret: string; uri: string; picture: string }> {
    if (person.totpOn) throw new Problem(HttpStatus.CONFLICT, 'A second factor is set up already.');
    const secret = generateSecret();
    const uri = generateURI({ issuer: ISSUER, label: person.email, secret });
    await this.source
      .getRepository(Person)
      .update({ id: person.id }, { totpSecret: this.seal(secret), totpStep: null });
    const picture = await QRCode.toString(uri, {
      type: 'svg',
      margin: 1,
      errorCorrectionLevel: 'M',
    });
    return { secret, uri, picture };
  }

  /** Puts it in force with a first right code; gives the recovery codes, shown this once. */
  async confirm(personId: string, code: string): Promise<string[]> {
    return inTransaction(this.source, async (manager) => {
      const person = await manager.findOne(Person, {
        where: { id: personId },
        lock: { mode: 'pessimistic_write' },
      });
      if (!person?.totpSecret || person.totpOn)
        throw new Problem(HttpStatus.CONFLICT, 'Begin setting up the second factor first.');
      const step = await this.stepOf(person, code);
      if (step === undefined)
        throw invalid([
          { field: 'code', message: 'This code does not fit. Check the clock of your device.' },
        ]);
      await manager.update(Person, { id: personId }, { totpOn: true, totpStep: String(step) });
      return this.freshCodes(manager, personId);
    });
  }

  newCodes(personId: string): Promise<string[]> {
    return inTransaction(this.source, (manager) => this.freshCodes(manager, personId));
  }

  private async freshCodes(
    manager: Pick<DataSource['manager'], 'delete' | 'insert'>,
    personId: string,
  ): Promise<string[]> {
    const part = () => Array.from({ length: 5 }, () => LETTERS[randomInt(LETTERS.length)]).join('');
    const codes = Array.from({ length: CODES }, () => `${part()}-${part()}`);
    await manager.delete(RecoveryCode, { personId });
    await manager.insert(
      RecoveryCode,
      codes.map((code) => ({ personId, codeHash: hashOf(plain(code)) })),
    );
    return codes;
  }

  /** The time step of a right code that is newer than the last one taken. */
  private async stepOf(person: Person, code: string): Promise<number | undefined> {
    if (!/^\d{6}$/.test(code) || !person.totpSecret) return undefined;
    const result = await verify({
      secret: this.unseal(person.totpSecret),
      token: code,
      epochTolerance: TOLERANCE_SECONDS,
      ...(person.totpStep === null ? {} : { afterTimeStep: Number(person.totpStep) }),
    });
    return result.valid && 'timeStep' in result ? (result.timeStep as number) : undefined;
  }

  /** Takes a code or a recovery code, each once; which of the two it was, or nothing. */
  check(personId: string, typed: string): Promise<'code' | 'recovery' | undefined> {
    return inTransaction(this.source, async (manager) => {
      const person = await manager.findOne(Person, {
        where: { id: personId },
        lock: { mode: 'pessimistic_write' },
      });
      if (!person?.totpOn) return undefined;
      const step = await this.stepOf(person, typed.replace(/\s/g, ''));
      if (step !== undefined) {
        await manager.update(Person, { id: personId }, { totpStep: String(step) });
        return 'code';
      }
      const { affected } = await manager.delete(RecoveryCode, {
        personId,
        codeHash: hashOf(plain(typed)),
      });
      return affected === 1 ? 'recovery' : undefined;
    });
  }

  /** Turns it off. */
  async off(personId: string): Promise<void> {
    await inTransaction(this.source, async (manager) => {
      await manager.update(
        Person,
        { id: personId },
        { totpOn: false, totpSecret: null, totpStep: null },
      );
      await manager.delete(RecoveryCode, { personId });
    });
  }

  codesLeft(personId: string): Promise<number> {
    return this.source.getRepository(RecoveryCode).countBy({ personId });
  }
}
