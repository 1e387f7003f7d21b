CREATE TABLE IF NOT EXISTS `measures` (
	`id` int AUTO_INCREMENT NOT NULL,
	`source_id` int NOT NULL,
	`name` varchar(120) NOT NULL,
	`definition` json NOT NULL,
	`revision` int NOT NULL DEFAULT 1,
	`deleted_at` datetime(3),
	CONSTRAINT `measures_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `dashboards` ADD COLUMN IF NOT EXISTS `style` json;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `measures_by_source` ON `measures` (`source_id`);