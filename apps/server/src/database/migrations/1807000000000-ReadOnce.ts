import type { MigrationInterface, QueryRunner } from 'typeorm'

export class ReadOnce1807000000000 implements MigrationInterface {
  name = 'ReadOnce1807000000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "design_revision" ADD "checked_by" character varying(64)`)
    // What is only read of the rows that are shown lies apart, so that the rest of the table stays small to go through.
    await runner.query(`ALTER TABLE "design_summary" SET (toast_tuple_target = 1024)`)
    await runner.query(`ALTER TABLE "design_summary" ALTER COLUMN "summary" TYPE json`)
    await runner.query(`ALTER TABLE "design_summary" ADD "searched" text NOT NULL DEFAULT ''`)
    await runner.query(`UPDATE "design_summary" SET "searched" = lower("name" || ' ' || "notes")`)
    await runner.query(`ALTER TABLE "design_summary" ALTER COLUMN "searched" DROP DEFAULT`)
    await runner.query(`CREATE TABLE "catalogue_state" ("stamp" uuid NOT NULL)`)
    await runner.query(`INSERT INTO "catalogue_state" VALUES (gen_random_uuid())`)
    // Whoever changes parts, in whatever way, changes the stamp. It is no count: of two ways that begin at one
    // backup, both would come to the same number.
    await runner.query(
      `CREATE FUNCTION "stamp_catalogue"() RETURNS trigger LANGUAGE plpgsql AS $$
       BEGIN
         UPDATE "catalogue_state" SET "stamp" = gen_random_uuid();
         RETURN NULL;
       END $$`,
    )
    await runner.query(
      `CREATE TRIGGER "part_changed" AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON "part"
       FOR EACH STATEMENT EXECUTE FUNCTION "stamp_catalogue"()`,
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TRIGGER "part_changed" ON "part"`)
    await runner.query(`DROP FUNCTION "stamp_catalogue"`)
    await runner.query(`DROP TABLE "catalogue_state"`)
    await runner.query(`ALTER TABLE "design_summary" DROP COLUMN "searched"`)
    await runner.query(`ALTER TABLE "design_summary" ALTER COLUMN "summary" TYPE jsonb`)
    await runner.query(`ALTER TABLE "design_summary" RESET (toast_tuple_target)`)
    await runner.query(`ALTER TABLE "design_revision" DROP COLUMN "checked_by"`)
  }
}
