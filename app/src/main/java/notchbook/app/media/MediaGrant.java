package notchbook.app.media;

import java.util.UUID;
import notchbook.app.people.Person;

/** A reason for which somebody other than the owner may see a media item. */
public interface MediaGrant {
    boolean lets(Person reader, UUID mediaId);
}
