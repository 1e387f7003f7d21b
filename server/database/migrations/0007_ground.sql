CREATE TABLE IF NOT EXISTS `chart_sources` (
	`chart_id` int NOT NULL,
	`source_id` int NOT NULL,
	CONSTRAINT `chart_sources_chart_id_source_id_pk` PRIMARY KEY(`chart_id`,`source_id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `deliveries` (
	`id` int AUTO_INCREMENT NOT NULL,
	`person_id` int NOT NULL,
	`upload_id` varchar(32) NOT NULL,
	`file_name` varchar(250) NOT NULL,
	`source_id` int,
	`state` varchar(10) NOT NULL,
	`share` double NOT NULL,
	`rows` int NOT NULL,
	`sentence` varchar(600),
	`stop` boolean NOT NULL DEFAULT false,
	`begun_at` datetime(3) NOT NULL,
	`changed_at` datetime(3) NOT NULL,
	CONSTRAINT `deliveries_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `invitations` (
	`id` int AUTO_INCREMENT NOT NULL,
	`dashboard_id` int NOT NULL,
	`email` varchar(200) NOT NULL,
	`role` varchar(10) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `invitations_id` PRIMARY KEY(`id`),
	CONSTRAINT `invitations_of_dashboard` UNIQUE(`dashboard_id`,`email`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `known_addresses` (
	`person_id` int NOT NULL,
	`address` varchar(60) NOT NULL,
	`last_at` datetime(3) NOT NULL,
	CONSTRAINT `known_addresses_person_id_address_pk` PRIMARY KEY(`person_id`,`address`)
);
--> statement-breakpoint
ALTER TABLE `access` ADD COLUMN IF NOT EXISTS `given_at` datetime(3);--> statement-breakpoint
UPDATE `access` SET `given_at` = UTC_TIMESTAMP(3) WHERE `given_at` IS NULL;--> statement-breakpoint
ALTER TABLE `access` MODIFY COLUMN `given_at` datetime(3) NOT NULL;--> statement-breakpoint
ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `built_on` int;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `charts_by_source` ON `chart_sources` (`source_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `deliveries_by_person` ON `deliveries` (`person_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `deliveries_by_source` ON `deliveries` (`source_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `deliveries_by_upload` ON `deliveries` (`upload_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `invitations_by_email` ON `invitations` (`email`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `links_by_dashboard` ON `links` (`dashboard_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `sessions_by_time` ON `sessions` (`expires_at`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `sources_by_owner` ON `sources` (`owner_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `uploads_by_owner` ON `uploads` (`owner_id`);--> statement-breakpoint
UPDATE `links` SET `token` = SHA2(`token`, 256) WHERE CHAR_LENGTH(`token`) < 64;--> statement-breakpoint
INSERT IGNORE INTO `chart_sources` (`chart_id`, `source_id`)
	SELECT `charts`.`id`, `drawn`.`source` FROM `charts`,
		JSON_TABLE(`charts`.`definition`, '$.series[*]' COLUMNS (`source` int PATH '$.figures.sourceId')) AS `drawn`
	WHERE `drawn`.`source` IS NOT NULL;--> statement-breakpoint
INSERT IGNORE INTO `chart_sources` (`chart_id`, `source_id`)
	SELECT `charts`.`id`, `drawn`.`source` FROM `charts`,
		JSON_TABLE(`charts`.`definition`, '$.yardsticks[*]' COLUMNS (`source` int PATH '$.sourceId')) AS `drawn`
	WHERE `drawn`.`source` IS NOT NULL;
