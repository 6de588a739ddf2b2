import type { MigrationInterface, QueryRunner } from 'typeorm'

export class RevisionFigures1801000000000 implements MigrationInterface {
  name = 'RevisionFigures1801000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" ADD "figures" jsonb`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" DROP COLUMN "figures"`)
  }
}
