import type { MigrationInterface, QueryRunner } from 'typeorm'

export class SaveIds1796000000000 implements MigrationInterface {
  name = 'SaveIds1796000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" ADD "save_id" uuid`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" DROP COLUMN "save_id"`)
  }
}
