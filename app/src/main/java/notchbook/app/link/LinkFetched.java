package notchbook.app.link;

import java.util.UUID;

/** A person's card for an address was fetched or could not be; told within the transaction that keeps it. */
public record LinkFetched(UUID ownerId, String address) {}
