package notchbook.app.bag;

import java.util.LinkedHashMap;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.formats.bag.BagInfo;
import org.flywaydb.core.Flyway;
import org.springframework.stereotype.Component;

/** What bags of this Notchbook say of themselves, and which of those of others it can take in. */
@Component
class BagEdition {
    private static final String RECORDS = "Notchbook-Records";
    private static final String OWNER = "Notchbook-Person";

    private final int records;

    BagEdition(Flyway migrations) {
        this.records = migrations.info().current().getVersion().getMajor().intValueExact();
    }

    BagInfo info(Person owner, String description, String day) {
        var lines = new LinkedHashMap<String, String>();
        lines.put("Bag-Software-Agent", "Notchbook");
        lines.put("Bagging-Date", day);
        lines.put("Contact-Name", owner.fullName());
        lines.put("External-Description", description);
        lines.put(OWNER, owner.id().toString());
        lines.put(RECORDS, String.valueOf(records));
        return new BagInfo(lines);
    }

    /** Whose work a bag holds; an {@link IllegalArgumentException} says why it can't be taken in. */
    UUID personOf(BagInfo info) {
        var made =
                info.get(RECORDS).filter(number -> number.matches("\\d{1,6}")).map(Integer::valueOf);
        if (made.isEmpty()) {
            throw new IllegalArgumentException(
                    "This bag was made by another program. Bring in one that a Notchbook made; its files can be added to"
                            + " pages one by one.");
        }
        if (made.get() > records) {
            throw new IllegalArgumentException(
                    "This bag was made by a newer Notchbook. Ask whoever looks after this one to update it, and bring it in"
                            + " then.");
        }
        return info.get(OWNER)
                .filter(id -> id.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}"))
                .map(UUID::fromString)
                .orElseThrow(() -> new IllegalArgumentException("This bag does not say whose work it is."));
    }
}
