package notchbook.app.mail;

import java.util.Properties;
import notchbook.app.platform.SchoolClock;
import org.jooq.DSLContext;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** By which way mails leave: by the server of the settings, by the stand-in that shows them, or not at all. */
@Configuration(proxyBeanMethods = false)
@EnableConfigurationProperties(MailConfiguration.MailSettings.class)
class MailConfiguration {
    private static final String TIMEOUT_MILLIS = "10000";

    /** The stand-in instead of a mail server. */
    private static final String SHOWN = "shown";

    /** {@code server} is a host's name, {@value SHOWN}, or blank; {@code from} the address that mails come from. */
    @ConfigurationProperties("notchbook.mail")
    record MailSettings(String server, int port, String user, String password, boolean tls, String from) {}

    @Bean
    Post post(MailSettings settings, DSLContext db, SchoolClock clock) {
        return switch (settings.server()) {
            case SHOWN -> new ShownPost(db, clock);
            case "" -> new NoPost();
            default -> new SmtpPost(sender(settings), settings.from());
        };
    }

    private static JavaMailSender sender(MailSettings settings) {
        var isSignedIn = !settings.user().isBlank();
        var sender = new JavaMailSenderImpl();
        sender.setHost(settings.server());
        sender.setPort(settings.port());
        if (isSignedIn) {
            sender.setUsername(settings.user());
            sender.setPassword(settings.password());
        }
        sender.setJavaMailProperties(properties(isSignedIn, settings.tls()));
        return sender;
    }

    private static Properties properties(boolean isSignedIn, boolean tls) {
        var properties = new Properties();
        properties.setProperty("mail.smtp.auth", String.valueOf(isSignedIn));
        properties.setProperty("mail.smtp.starttls.enable", String.valueOf(tls));
        properties.setProperty("mail.smtp.starttls.required", String.valueOf(tls));
        properties.setProperty("mail.smtp.connectiontimeout", TIMEOUT_MILLIS);
        properties.setProperty("mail.smtp.timeout", TIMEOUT_MILLIS);
        properties.setProperty("mail.smtp.writetimeout", TIMEOUT_MILLIS);
        return properties;
    }
}
