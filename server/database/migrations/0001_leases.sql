CREATE TABLE IF NOT EXISTS `leases` (
	`kind` varchar(20) NOT NULL,
	`subject` varchar(60) NOT NULL,
	`slot` int NOT NULL,
	`holder` varchar(36) NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	CONSTRAINT `leases_kind_subject_slot_pk` PRIMARY KEY(`kind`,`subject`,`slot`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `tries` (
	`kind` varchar(20) NOT NULL,
	`subject` varchar(280) NOT NULL,
	`count` int NOT NULL,
	`admitted` boolean NOT NULL,
	`next_at` datetime(3) NOT NULL,
	`last_at` datetime(3) NOT NULL,
	CONSTRAINT `tries_kind_subject_pk` PRIMARY KEY(`kind`,`subject`)
);
--> statement-breakpoint
ALTER TABLE `uploads` ADD COLUMN IF NOT EXISTS `ready` boolean DEFAULT true NOT NULL;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `tries_by_time` ON `tries` (`last_at`);