ALTER TABLE `sessions` ADD COLUMN IF NOT EXISTS `created_at` datetime(3);--> statement-breakpoint
ALTER TABLE `sessions` ADD COLUMN IF NOT EXISTS `last_used_at` datetime(3);--> statement-breakpoint
ALTER TABLE `sessions` ADD COLUMN IF NOT EXISTS `browser` varchar(80) NOT NULL DEFAULT 'An unknown program';--> statement-breakpoint
UPDATE `sessions` SET `created_at` = `expires_at` - INTERVAL 14 DAY WHERE `created_at` IS NULL;--> statement-breakpoint
UPDATE `sessions` SET `last_used_at` = `created_at` WHERE `last_used_at` IS NULL;--> statement-breakpoint
ALTER TABLE `sessions` MODIFY COLUMN `created_at` datetime(3) NOT NULL;--> statement-breakpoint
ALTER TABLE `sessions` MODIFY COLUMN `last_used_at` datetime(3) NOT NULL;--> statement-breakpoint
ALTER TABLE `sessions` MODIFY COLUMN `browser` varchar(80) NOT NULL;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `sessions_by_person` ON `sessions` (`person_id`);
