ALTER TABLE `notes` MODIFY COLUMN `day` varchar(10);--> statement-breakpoint
ALTER TABLE `dashboards` ADD COLUMN IF NOT EXISTS `readers_note` boolean DEFAULT false NOT NULL;