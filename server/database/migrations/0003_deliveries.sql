ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `mode` varchar(10) DEFAULT 'replace' NOT NULL;--> statement-breakpoint
ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `upload_id` varchar(32);--> statement-breakpoint
ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `person_id` int;--> statement-breakpoint
ALTER TABLE `source_versions` ADD COLUMN IF NOT EXISTS `doubts` json;--> statement-breakpoint
ALTER TABLE `uploads` ADD COLUMN IF NOT EXISTS `understood` json;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `versions_by_upload` ON `source_versions` (`upload_id`);