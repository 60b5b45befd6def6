package notchbook.app.people;

import static notchbook.tables.Tables.FAILED_SIGN_IN;
import static notchbook.tables.Tables.PERSON;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.table;

import java.security.SecureRandom;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Locale;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;

/** Run on the machine itself, for the one who forgot their password and whom nobody else can help. */
public final class GivePassword {
    private GivePassword() {}

    /** Gives the person of a name a new password, signs them out everywhere, and says it. */
    public static void main(String[] arguments) throws SQLException {
        var userName = arguments[0].strip().toLowerCase(Locale.ROOT);
        var password = NewPasswords.password(new SecureRandom());
        try (var connection = DriverManager.getConnection(
                System.getenv("NOTCHBOOK_DB_URL"),
                System.getenv().getOrDefault("NOTCHBOOK_DB_USER", "root"),
                System.getenv().getOrDefault("NOTCHBOOK_DB_PASSWORD", ""))) {
            if (!give(DSL.using(connection, SQLDialect.MARIADB), userName, password)) {
                System.err.println("Nobody signs in as \"" + userName + "\".");
                System.exit(1);
            }
        }
        System.out.println(userName + " signs in with " + password + " now, and is signed out everywhere else.");
    }

    static boolean give(DSLContext db, String userName, String password) {
        var hash = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8().encode(password);
        return db.transactionResult(transaction -> {
            var changed = transaction
                    .dsl()
                    .update(PERSON)
                    .set(PERSON.PASSWORD_HASH, hash)
                    .where(PERSON.USER_NAME.eq(userName))
                    .execute();
            transaction
                    .dsl()
                    .deleteFrom(table("SPRING_SESSION"))
                    .where(field("principal_name", String.class).eq(userName))
                    .execute();
            transaction
                    .dsl()
                    .deleteFrom(FAILED_SIGN_IN)
                    .where(FAILED_SIGN_IN.USER_NAME.eq(userName))
                    .execute();
            return changed == 1;
        });
    }
}
