import type { MigrationInterface, QueryRunner } from 'typeorm'

export class FirstTables1790000000000 implements MigrationInterface {
  name = 'FirstTables1790000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE "design" (
        "id" uuid NOT NULL DEFAULT gen_random_uuid(),
        "revision" integer NOT NULL,
        "demo_name" character varying(80),
        "created_at" TIMESTAMP WITH TIME ZONE NOT NULL DEFAULT now(),
        "removed_at" TIMESTAMP WITH TIME ZONE,
        CONSTRAINT "pk_design" PRIMARY KEY ("id")
      )`)
    await runner.query(`CREATE UNIQUE INDEX "uq_design_demo_name" ON "design" ("demo_name")`)
    await runner.query(`
      CREATE TABLE "design_revision" (
        "design_id" uuid NOT NULL,
        "revision" integer NOT NULL,
        "document" jsonb NOT NULL,
        "saved_at" TIMESTAMP WITH TIME ZONE NOT NULL DEFAULT now(),
        CONSTRAINT "pk_design_revision" PRIMARY KEY ("design_id", "revision")
      )`)
    await runner.query(`
      CREATE TABLE "design_set_aside" (
        "id" uuid NOT NULL DEFAULT gen_random_uuid(),
        "design_id" uuid NOT NULL,
        "based_on_revision" integer NOT NULL,
        "document" jsonb NOT NULL,
        "saved_at" TIMESTAMP WITH TIME ZONE NOT NULL DEFAULT now(),
        CONSTRAINT "pk_design_set_aside" PRIMARY KEY ("id")
      )`)
    await runner.query(
      `CREATE INDEX "ix_design_set_aside_design" ON "design_set_aside" ("design_id")`,
    )
    await runner.query(`
      CREATE TABLE "part" (
        "slug" character varying(80) NOT NULL,
        "version" integer NOT NULL,
        "origin" character varying(20) NOT NULL,
        "sheet" jsonb NOT NULL,
        CONSTRAINT "pk_part" PRIMARY KEY ("slug")
      )`)
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['part', 'design_set_aside', 'design_revision', 'design']) {
      await runner.query(`DROP TABLE "${table}"`)
    }
  }
}
