package notchbook.app.mail;

import notchbook.app.platform.Refusal;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;

/** Sends by the mail server of the settings. */
final class SmtpPost implements Post {
    private static final Logger LOG = LoggerFactory.getLogger(SmtpPost.class);

    private final JavaMailSender sender;
    private final String from;

    SmtpPost(JavaMailSender sender, String from) {
        this.sender = sender;
        this.from = from;
    }

    @Override
    public boolean isThere() {
        return true;
    }

    @Override
    public void send(Letter letter) {
        var message = new SimpleMailMessage();
        message.setFrom(from);
        message.setTo(letter.to());
        message.setSubject(letter.subject());
        message.setText(letter.words());
        try {
            sender.send(message);
        } catch (MailException refused) {
            LOG.warn("A mail could not be sent", refused);
            throw Refusal.notNow(
                    "The mail could not be sent just now. Look at the address and try again, or copy the link and give it"
                            + " to your reader yourself.");
        }
    }
}
