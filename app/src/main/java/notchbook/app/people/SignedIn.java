package notchbook.app.people;

import static java.util.Comparator.comparing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import notchbook.core.seal.Sha256;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The devices on which people are signed in. */
@Component
public class SignedIn {
    private static final String DEVICE = "device";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final SecurityContextRepository contexts;
    private final KnownDevices devices;

    SignedIn(
            FindByIndexNameSessionRepository<? extends Session> sessions,
            SecurityContextRepository contexts,
            KnownDevices devices) {
        this.sessions = sessions;
        this.contexts = contexts;
        this.devices = devices;
    }

    /** A device, by a digest of what signs it in, which nobody else may see. */
    public record Device(String id, String name, Instant signedInAt, Instant seenAt, boolean isThisOne) {}

    /** Signs a person in on the device that asks. */
    public void begin(Person person, HttpServletRequest request, HttpServletResponse response) {
        devices.keep(person.id(), new DeviceCookie(request).keptBy(response));
        var session = request.getSession();
        request.changeSessionId();
        session.setAttribute(
                DEVICE,
                DeviceName.of(Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT))
                        .orElse("")));
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                person, null, List.of(new SimpleGrantedAuthority("ROLE_" + person.role()))));
        contexts.saveContext(context, request, response);
    }

    /** Every device of a person, the one that was seen last first. */
    public List<Device> devicesOf(Person person, String thisSession) {
        return ofPerson(person).values().stream()
                .map(session -> new Device(
                        digest(session.getId()),
                        Optional.<String>ofNullable(session.getAttribute(DEVICE))
                                .orElse("A device"),
                        session.getCreationTime(),
                        session.getLastAccessedTime(),
                        session.getId().equals(thisSession)))
                .sorted(comparing(Device::seenAt).reversed())
                .toList();
    }

    /** Signs out one device of a person, by its digest; another's is not found. */
    public void end(Person person, String device) {
        ofPerson(person).keySet().stream()
                .filter(session -> digest(session).equals(device))
                .forEach(sessions::deleteById);
    }

    public void endAll(Person person) {
        ofPerson(person).keySet().forEach(sessions::deleteById);
    }

    public void endOthers(Person person, String thisSession) {
        ofPerson(person).keySet().stream()
                .filter(session -> !session.equals(thisSession))
                .forEach(sessions::deleteById);
    }

    private Map<String, ? extends Session> ofPerson(Person person) {
        return sessions.findByPrincipalName(person.userName());
    }

    private static String digest(String session) {
        return Sha256.hex(session).substring(0, 32);
    }
}
