import type { MigrationInterface, QueryRunner } from 'typeorm'

export class WaysBack1798000000000 implements MigrationInterface {
  name = 'WaysBack1798000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" ADD "label" character varying(120)`)
    await runner.query(`ALTER TABLE "part" ADD "removed_at" TIMESTAMP WITH TIME ZONE`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "part" DROP COLUMN "removed_at"`)
    await runner.query(`ALTER TABLE "design_revision" DROP COLUMN "label"`)
  }
}
