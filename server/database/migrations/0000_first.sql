CREATE TABLE IF NOT EXISTS `access` (
	`dashboard_id` int NOT NULL,
	`person_id` int NOT NULL,
	`role` varchar(10) NOT NULL,
	CONSTRAINT `access_dashboard_id_person_id_pk` PRIMARY KEY(`dashboard_id`,`person_id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `charts` (
	`id` int AUTO_INCREMENT NOT NULL,
	`dashboard_id` int NOT NULL,
	`definition` json NOT NULL,
	`place` json,
	`revision` int NOT NULL DEFAULT 1,
	`deleted_at` datetime(3),
	CONSTRAINT `charts_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `dashboards` (
	`id` int AUTO_INCREMENT NOT NULL,
	`title` varchar(160) NOT NULL,
	`zone` varchar(60) NOT NULL,
	`last_note` int NOT NULL DEFAULT 0,
	`revision` int NOT NULL DEFAULT 1,
	`changed_at` datetime(3) NOT NULL,
	`deleted_at` datetime(3),
	CONSTRAINT `dashboards_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `demo_steps` (
	`name` varchar(60) NOT NULL,
	CONSTRAINT `demo_steps_name` PRIMARY KEY(`name`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `failed_sign_ins` (
	`id` int AUTO_INCREMENT NOT NULL,
	`email` varchar(200) NOT NULL,
	`address` varchar(60) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `failed_sign_ins_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `links` (
	`id` int AUTO_INCREMENT NOT NULL,
	`dashboard_id` int NOT NULL,
	`token` varchar(64) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `links_id` PRIMARY KEY(`id`),
	CONSTRAINT `links_token_unique` UNIQUE(`token`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `notes` (
	`id` int AUTO_INCREMENT NOT NULL,
	`dashboard_id` int NOT NULL,
	`chart_id` int NOT NULL,
	`number` int NOT NULL,
	`day` varchar(10) NOT NULL,
	`series` varchar(600),
	`text` varchar(2000) NOT NULL,
	`colour` varchar(20) NOT NULL,
	`author_id` int NOT NULL,
	`written_at` datetime(3) NOT NULL,
	`revision` int NOT NULL DEFAULT 1,
	`deleted_at` datetime(3),
	CONSTRAINT `notes_id` PRIMARY KEY(`id`),
	CONSTRAINT `note_numbers` UNIQUE(`dashboard_id`,`number`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `people` (
	`id` int AUTO_INCREMENT NOT NULL,
	`email` varchar(200) NOT NULL,
	`name` varchar(80) NOT NULL,
	`password_hash` varchar(200) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `people_id` PRIMARY KEY(`id`),
	CONSTRAINT `people_email_unique` UNIQUE(`email`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `sessions` (
	`token_hash` varchar(64) NOT NULL,
	`person_id` int NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	CONSTRAINT `sessions_token_hash` PRIMARY KEY(`token_hash`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `source_versions` (
	`id` int AUTO_INCREMENT NOT NULL,
	`source_id` int NOT NULL,
	`file_name` varchar(250) NOT NULL,
	`rows` int NOT NULL,
	`columns` json NOT NULL,
	`form` json NOT NULL,
	`ready` boolean NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `source_versions_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `sources` (
	`id` int AUTO_INCREMENT NOT NULL,
	`owner_id` int NOT NULL,
	`name` varchar(120) NOT NULL,
	`version_id` int,
	`deleted_at` datetime(3),
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `sources_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `upload_parts` (
	`upload_id` varchar(32) NOT NULL,
	`place` int NOT NULL,
	`content` mediumblob NOT NULL,
	CONSTRAINT `upload_parts_upload_id_place_pk` PRIMARY KEY(`upload_id`,`place`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `uploads` (
	`id` varchar(32) NOT NULL,
	`owner_id` int NOT NULL,
	`file_name` varchar(250) NOT NULL,
	`bytes` int NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `uploads_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `access_by_person` ON `access` (`person_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `charts_by_dashboard` ON `charts` (`dashboard_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `failed_by_email` ON `failed_sign_ins` (`email`,`at`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `failed_by_address` ON `failed_sign_ins` (`address`,`at`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `versions_by_source` ON `source_versions` (`source_id`);