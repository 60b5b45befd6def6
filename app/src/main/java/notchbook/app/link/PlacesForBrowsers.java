package notchbook.app.link;

import java.net.URI;

/** Where a browser finds what stands at an address of the web: there; the demo school's small web is found on this machine. */
@FunctionalInterface
public interface PlacesForBrowsers {
    URI of(URI address);
}
