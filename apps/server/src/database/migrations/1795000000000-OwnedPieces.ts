import type { MigrationInterface, QueryRunner } from 'typeorm'

export class OwnedPieces1795000000000 implements MigrationInterface {
  name = 'OwnedPieces1795000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "part" ADD "owned_pieces" integer NOT NULL DEFAULT 0`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "part" DROP COLUMN "owned_pieces"`)
  }
}
