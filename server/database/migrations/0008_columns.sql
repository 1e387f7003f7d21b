CREATE TABLE IF NOT EXISTS `version_parts` (
	`version_id` int NOT NULL,
	`piece` int NOT NULL,
	`place` int NOT NULL,
	`content` mediumblob NOT NULL,
	`bytes` int NOT NULL,
	`hash` varchar(64) NOT NULL,
	CONSTRAINT `version_parts_version_id_piece_place_pk` PRIMARY KEY(`version_id`,`piece`,`place`)
);
--> statement-breakpoint
ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `format` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `pieces` json;--> statement-breakpoint
ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `preview` json;
