ALTER TABLE `notes` MODIFY COLUMN `day` varchar(10);--> statement-breakpoint
ALTER TABLE `dashboards` ADD `readers_note` boolean DEFAULT false NOT NULL;