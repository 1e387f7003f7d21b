CREATE TABLE IF NOT EXISTS `audit` (
	`id` int AUTO_INCREMENT NOT NULL,
	`at` datetime(3) NOT NULL,
	`act` varchar(30) NOT NULL,
	`outcome` varchar(10) NOT NULL,
	`person_id` int,
	`email` varchar(200) NOT NULL,
	`thing` varchar(60),
	`about` varchar(250),
	`address` varchar(60) NOT NULL,
	CONSTRAINT `audit_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `mailed_keys` (
	`token_hash` varchar(64) NOT NULL,
	`kind` varchar(20) NOT NULL,
	`person_id` int,
	`email` varchar(200) NOT NULL,
	`details` json NOT NULL,
	`changed_at` datetime(3) NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	`used_at` datetime(3),
	CONSTRAINT `mailed_keys_token_hash` PRIMARY KEY(`token_hash`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `mails` (
	`id` int AUTO_INCREMENT NOT NULL,
	`letter` varchar(20) NOT NULL,
	`email` varchar(200) NOT NULL,
	`person_id` int,
	`details` json NOT NULL,
	`tries` int NOT NULL DEFAULT 0,
	`next_at` datetime(3) NOT NULL,
	CONSTRAINT `mails_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `recovery_codes` (
	`person_id` int NOT NULL,
	`code_hash` varchar(64) NOT NULL,
	CONSTRAINT `recovery_codes_person_id_code_hash_pk` PRIMARY KEY(`person_id`,`code_hash`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `second_factors` (
	`person_id` int NOT NULL,
	`secret` varchar(64) NOT NULL,
	`confirmed` boolean NOT NULL DEFAULT false,
	`last_step` int NOT NULL DEFAULT 0,
	CONSTRAINT `second_factors_person_id` PRIMARY KEY(`person_id`)
);
--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `audit_by_time` ON `audit` (`at`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `audit_by_email` ON `audit` (`email`,`at`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `audit_by_thing` ON `audit` (`thing`,`at`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `mailed_keys_by_person` ON `mailed_keys` (`person_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `mailed_keys_by_time` ON `mailed_keys` (`expires_at`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `mails_by_time` ON `mails` (`next_at`);