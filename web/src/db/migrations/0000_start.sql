CREATE TYPE "public"."role" AS ENUM('owner', 'host', 'helper');--> statement-breakpoint
CREATE TYPE "public"."tasting_kind" AS ENUM('solo', 'table', 'panel');--> statement-breakpoint
CREATE TABLE "account" (
	"id" text PRIMARY KEY NOT NULL,
	"account_id" text NOT NULL,
	"provider_id" text NOT NULL,
	"user_id" text NOT NULL,
	"access_token" text,
	"refresh_token" text,
	"id_token" text,
	"access_token_expires_at" timestamp with time zone,
	"refresh_token_expires_at" timestamp with time zone,
	"scope" text,
	"password" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rate_limit" (
	"key" varchar(255) PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
--> statement-breakpoint
CREATE TABLE "session" (
	"id" text PRIMARY KEY NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"token" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ip_address" text,
	"user_agent" text,
	"user_id" text NOT NULL,
	CONSTRAINT "session_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "user" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"email_verified" boolean DEFAULT false NOT NULL,
	"image" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "user_email_unique" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "verification" (
	"id" text PRIMARY KEY NOT NULL,
	"identifier" text NOT NULL,
	"value" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "api_token" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"name" text NOT NULL,
	"token_hash" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"used_at" timestamp with time zone,
	"revoked_at" timestamp with time zone,
	CONSTRAINT "api_token_venue_id_id_pk" PRIMARY KEY("venue_id","id"),
	CONSTRAINT "api_token_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
CREATE TABLE "invitation" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"email" text NOT NULL,
	"role" "role" NOT NULL,
	"code_hash" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"used_at" timestamp with time zone,
	"revoked_at" timestamp with time zone,
	CONSTRAINT "invitation_venue_id_id_pk" PRIMARY KEY("venue_id","id"),
	CONSTRAINT "invitation_code_hash_unique" UNIQUE("code_hash")
);
--> statement-breakpoint
CREATE TABLE "mail" (
	"id" uuid PRIMARY KEY NOT NULL,
	"to" text NOT NULL,
	"subject" text NOT NULL,
	"body" text NOT NULL,
	"sent_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "member" (
	"venue_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"role" "role" NOT NULL,
	"joined_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "member_venue_id_user_id_pk" PRIMARY KEY("venue_id","user_id")
);
--> statement-breakpoint
CREATE TABLE "venue" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"settings" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "lot" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"wine_id" uuid NOT NULL,
	"format_ml" integer NOT NULL,
	"held" integer NOT NULL,
	"price_minor" integer,
	"currency" text,
	"merchant" text,
	"bought" date,
	CONSTRAINT "lot_venue_id_id_pk" PRIMARY KEY("venue_id","id"),
	CONSTRAINT "stock_not_negative" CHECK ("lot"."held" >= 0),
	CONSTRAINT "price_with_currency" CHECK (("lot"."price_minor" is null) = ("lot"."currency" is null))
);
--> statement-breakpoint
CREATE TABLE "wine" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"writes" text[] NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone,
	"name" text NOT NULL,
	"producer" text NOT NULL,
	"colour" text,
	"bubbles" text,
	"vintage" integer,
	"country" text,
	"abv_permille" integer,
	"document" jsonb NOT NULL,
	"search" text NOT NULL,
	"same_key" text NOT NULL,
	CONSTRAINT "wine_venue_id_id_pk" PRIMARY KEY("venue_id","id")
);
--> statement-breakpoint
CREATE TABLE "flight" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"writes" text[] NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone,
	"name" text NOT NULL,
	"starts_at" timestamp with time zone,
	"document" jsonb NOT NULL,
	CONSTRAINT "flight_venue_id_id_pk" PRIMARY KEY("venue_id","id")
);
--> statement-breakpoint
CREATE TABLE "flight_wine" (
	"venue_id" uuid NOT NULL,
	"flight_id" uuid NOT NULL,
	"wine_id" uuid NOT NULL,
	"place" integer NOT NULL,
	CONSTRAINT "flight_wine_venue_id_flight_id_wine_id_pk" PRIMARY KEY("venue_id","flight_id","wine_id")
);
--> statement-breakpoint
CREATE TABLE "glass" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"tasting_id" uuid NOT NULL,
	"place" integer NOT NULL,
	"code" text NOT NULL,
	"rejected_at" timestamp with time zone,
	"revealed_at" timestamp with time zone,
	CONSTRAINT "glass_venue_id_id_pk" PRIMARY KEY("venue_id","id"),
	CONSTRAINT "glass_code" UNIQUE("venue_id","tasting_id","code")
);
--> statement-breakpoint
CREATE TABLE "glass_identity" (
	"venue_id" uuid NOT NULL,
	"glass_id" uuid NOT NULL,
	"wine_id" uuid NOT NULL,
	"lot_id" uuid,
	CONSTRAINT "glass_identity_venue_id_glass_id_pk" PRIMARY KEY("venue_id","glass_id")
);
--> statement-breakpoint
CREATE TABLE "participant" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"tasting_id" uuid NOT NULL,
	"user_id" text,
	"name" text NOT NULL,
	"seat" integer NOT NULL,
	"token_hash" text,
	"simulated" boolean DEFAULT false NOT NULL,
	CONSTRAINT "participant_venue_id_id_pk" PRIMARY KEY("venue_id","id"),
	CONSTRAINT "participant_token_hash_unique" UNIQUE("token_hash"),
	CONSTRAINT "participant_seat" UNIQUE("venue_id","tasting_id","seat")
);
--> statement-breakpoint
CREATE TABLE "tasting" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"kind" "tasting_kind" NOT NULL,
	"flight_id" uuid,
	"name" text NOT NULL,
	"tick" integer DEFAULT 0 NOT NULL,
	"join_code" text,
	"started_at" timestamp with time zone DEFAULT now() NOT NULL,
	"closed_at" timestamp with time zone,
	CONSTRAINT "tasting_venue_id_id_pk" PRIMARY KEY("venue_id","id"),
	CONSTRAINT "tasting_join_code" UNIQUE("join_code")
);
--> statement-breakpoint
CREATE TABLE "tasting_log" (
	"venue_id" uuid NOT NULL,
	"tasting_id" uuid NOT NULL,
	"tick" integer NOT NULL,
	"act" text NOT NULL,
	"detail" jsonb NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "tasting_log_venue_id_tasting_id_tick_pk" PRIMARY KEY("venue_id","tasting_id","tick")
);
--> statement-breakpoint
CREATE TABLE "note" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"writes" text[] NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone,
	"glass_id" uuid NOT NULL,
	"participant_id" uuid NOT NULL,
	"moment" text NOT NULL,
	"tasted_at" timestamp with time zone DEFAULT now() NOT NULL,
	"locked_at" timestamp with time zone,
	"locked_tick" integer,
	"quality" integer,
	"liking" integer,
	"document" jsonb NOT NULL,
	"blind_document" jsonb,
	"search" text NOT NULL,
	"words" "tsvector" GENERATED ALWAYS AS (to_tsvector('simple', "search")) STORED,
	CONSTRAINT "note_venue_id_id_pk" PRIMARY KEY("venue_id","id"),
	CONSTRAINT "note_once" UNIQUE("venue_id","participant_id","glass_id","moment")
);
--> statement-breakpoint
CREATE TABLE "dish" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"writes" text[] NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone,
	"name" text NOT NULL,
	"document" jsonb NOT NULL,
	CONSTRAINT "dish_venue_id_id_pk" PRIMARY KEY("venue_id","id")
);
--> statement-breakpoint
ALTER TABLE "account" ADD CONSTRAINT "account_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "session" ADD CONSTRAINT "session_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "api_token" ADD CONSTRAINT "api_token_venue_id_user_id_member_venue_id_user_id_fk" FOREIGN KEY ("venue_id","user_id") REFERENCES "public"."member"("venue_id","user_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "invitation" ADD CONSTRAINT "invitation_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "member" ADD CONSTRAINT "member_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "member" ADD CONSTRAINT "member_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot" ADD CONSTRAINT "lot_venue_id_wine_id_wine_venue_id_id_fk" FOREIGN KEY ("venue_id","wine_id") REFERENCES "public"."wine"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "wine" ADD CONSTRAINT "wine_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "flight" ADD CONSTRAINT "flight_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "flight_wine" ADD CONSTRAINT "flight_wine_venue_id_flight_id_flight_venue_id_id_fk" FOREIGN KEY ("venue_id","flight_id") REFERENCES "public"."flight"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "flight_wine" ADD CONSTRAINT "flight_wine_venue_id_wine_id_wine_venue_id_id_fk" FOREIGN KEY ("venue_id","wine_id") REFERENCES "public"."wine"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "glass" ADD CONSTRAINT "glass_venue_id_tasting_id_tasting_venue_id_id_fk" FOREIGN KEY ("venue_id","tasting_id") REFERENCES "public"."tasting"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "glass_identity" ADD CONSTRAINT "glass_identity_venue_id_glass_id_glass_venue_id_id_fk" FOREIGN KEY ("venue_id","glass_id") REFERENCES "public"."glass"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "glass_identity" ADD CONSTRAINT "glass_identity_venue_id_wine_id_wine_venue_id_id_fk" FOREIGN KEY ("venue_id","wine_id") REFERENCES "public"."wine"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "glass_identity" ADD CONSTRAINT "glass_identity_venue_id_lot_id_lot_venue_id_id_fk" FOREIGN KEY ("venue_id","lot_id") REFERENCES "public"."lot"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "participant" ADD CONSTRAINT "participant_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "participant" ADD CONSTRAINT "participant_venue_id_tasting_id_tasting_venue_id_id_fk" FOREIGN KEY ("venue_id","tasting_id") REFERENCES "public"."tasting"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tasting" ADD CONSTRAINT "tasting_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tasting" ADD CONSTRAINT "tasting_venue_id_flight_id_flight_venue_id_id_fk" FOREIGN KEY ("venue_id","flight_id") REFERENCES "public"."flight"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tasting_log" ADD CONSTRAINT "tasting_log_venue_id_tasting_id_tasting_venue_id_id_fk" FOREIGN KEY ("venue_id","tasting_id") REFERENCES "public"."tasting"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "note" ADD CONSTRAINT "note_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "note" ADD CONSTRAINT "note_venue_id_glass_id_glass_venue_id_id_fk" FOREIGN KEY ("venue_id","glass_id") REFERENCES "public"."glass"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "note" ADD CONSTRAINT "note_venue_id_participant_id_participant_venue_id_id_fk" FOREIGN KEY ("venue_id","participant_id") REFERENCES "public"."participant"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dish" ADD CONSTRAINT "dish_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "account_user" ON "account" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "session_user" ON "session" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "mail_to" ON "mail" USING btree ("to");--> statement-breakpoint
CREATE INDEX "member_user" ON "member" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "lot_wine" ON "lot" USING btree ("venue_id","wine_id");--> statement-breakpoint
CREATE INDEX "wine_same" ON "wine" USING btree ("venue_id","same_key");--> statement-breakpoint
CREATE INDEX "wine_name" ON "wine" USING btree ("venue_id","name");--> statement-breakpoint
CREATE INDEX "wine_facts" ON "wine" USING gin ("document");--> statement-breakpoint
CREATE INDEX "flight_starts" ON "flight" USING btree ("venue_id","starts_at");--> statement-breakpoint
CREATE INDEX "identity_wine" ON "glass_identity" USING btree ("venue_id","wine_id");--> statement-breakpoint
CREATE INDEX "note_words" ON "note" USING gin ("words");--> statement-breakpoint
CREATE INDEX "note_tasted" ON "note" USING btree ("venue_id","tasted_at" DESC NULLS LAST,"id");--> statement-breakpoint
CREATE INDEX "note_quality" ON "note" USING btree ("venue_id","quality");--> statement-breakpoint
CREATE INDEX "note_glass" ON "note" USING btree ("venue_id","glass_id");--> statement-breakpoint
CREATE VIEW "public"."revealed_wine" AS (select "glass"."venue_id", "glass"."id" as "glass_id", "wine"."name", "wine"."producer", "wine"."document" from "glass" inner join "glass_identity" on ("glass_identity"."venue_id" = "glass"."venue_id" and "glass_identity"."glass_id" = "glass"."id") inner join "wine" on ("wine"."venue_id" = "glass_identity"."venue_id" and "wine"."id" = "glass_identity"."wine_id") where "glass"."revealed_at" is not null);