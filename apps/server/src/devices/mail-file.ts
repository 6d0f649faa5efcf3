import { createTransport } from 'nodemailer';

/** A letter as it would go out. */
export interface OutgoingMail {
  readonly id: string;
  readonly at: string;
  readonly fromName: string;
  readonly toName: string;
  readonly toAddress: string;
  readonly subject: string;
  readonly text: string;
  readonly pictures: readonly { readonly name: string; readonly jpeg: Uint8Array }[];
}

/** A name that no network knows: nothing is ever sent. */
const WORKSHOP_ADDRESS = 'workshop@round-mint.example';

/** Stands in for the post office: writes the message as the mail file it would have become, and sends nothing. */
const POST = createTransport({ streamTransport: true, buffer: true, newline: 'windows' });

/** @returns the letter as a mail file (RFC 5322) */
export async function mailFile(mail: OutgoingMail): Promise<Uint8Array> {
  const { message } = await POST.sendMail({
    messageId: `<${mail.id}@round-mint.example>`,
    // As a Date: only that is written the way mail writes it.
    date: new Date(mail.at),
    from: { name: mail.fromName, address: WORKSHOP_ADDRESS },
    to: { name: mail.toName, address: mail.toAddress },
    subject: mail.subject,
    text: mail.text,
    attachments: mail.pictures.map(({ name, jpeg }) => ({
      filename: name,
      content: Buffer.from(jpeg),
      contentType: 'image/jpeg',
    })),
  });
  if (!Buffer.isBuffer(message)) throw new Error('the mail file was not written');
  return message;
}
