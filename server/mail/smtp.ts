import { createTransport, type Transporter } from 'nodemailer';
import { settings } from '../settings';

/** Milliseconds that a server for mails may take for each step. */
const patience = 10_000;

let transport: Transporter | null = null;

/** Hands a mail to the server that takes them. @throws Error when it does not */
export async function sendBySmtp(mail: { to: string; subject: string; text: string }) {
  transport ??= createTransport({
    url: settings.smtp,
    connectionTimeout: patience,
    greetingTimeout: patience,
    socketTimeout: patience,
    disableFileAccess: true,
    disableUrlAccess: true,
  });
  await transport.sendMail({ from: settings.mailFrom, ...mail });
}
