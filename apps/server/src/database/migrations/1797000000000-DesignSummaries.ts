import type { MigrationInterface, QueryRunner } from 'typeorm'

export class DesignSummaries1797000000000 implements MigrationInterface {
  name = 'DesignSummaries1797000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE "design_summary" (
        "design_id" uuid NOT NULL,
        "revision" integer NOT NULL,
        "saved_at" TIMESTAMP WITH TIME ZONE NOT NULL,
        "name" text NOT NULL,
        "notes" text NOT NULL,
        "made_by" character varying(64) NOT NULL,
        "unread" text,
        "summary" jsonb,
        "working_bytes" double precision,
        "idle_watts" double precision,
        "cost_minor" double precision,
        CONSTRAINT "pk_design_summary" PRIMARY KEY ("design_id")
      )`)
    // Their figures are worked out after the start, for nobody has made them yet.
    await runner.query(`
      INSERT INTO "design_summary" ("design_id", "revision", "saved_at", "name", "notes", "made_by")
      SELECT newest."design_id", newest."revision", newest."saved_at",
             coalesce(newest."document" ->> 'name', ''), '', ''
      FROM "design"
      JOIN "design_revision" newest
        ON newest."design_id" = "design"."id" AND newest."revision" = "design"."revision"`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "design_summary"`)
  }
}
