import type { MigrationInterface, QueryRunner } from 'typeorm'

export class PriceBesideSheet1805000000000 implements MigrationInterface {
  name = 'PriceBesideSheet1805000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "part" ADD "price" jsonb`)
    // A price of null is JSON of its own there, and no value at all in a column.
    await runner.query(
      `UPDATE "part" SET "price" = NULLIF("sheet" -> 'price', 'null'), "sheet" = "sheet" - 'price'
       WHERE "sheet" ? 'price'`,
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      `UPDATE "part" SET "sheet" = jsonb_set("sheet", '{price}', COALESCE("price", 'null'))`,
    )
    await runner.query(`ALTER TABLE "part" DROP COLUMN "price"`)
  }
}
