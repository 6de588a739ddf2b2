import type { MigrationInterface, QueryRunner } from 'typeorm'

export class RevisionWords1800000000000 implements MigrationInterface {
  name = 'RevisionWords1800000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" ADD "what" character varying(300)`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" DROP COLUMN "what"`)
  }
}
