package notchbook.app.link;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import notchbook.core.link.PublicAddress;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;

/**
 * Looks names up and gives only public addresses. The connection is made to the very addresses that were looked at, so a
 * name that changes its mind between looking and connecting gains nothing.
 */
public class PublicNames implements DnsResolver {
    @Override
    public InetAddress[] resolve(String host) throws UnknownHostException {
        var all = SystemDefaultDnsResolver.INSTANCE.resolve(host);
        if (!Arrays.stream(all).allMatch(PublicAddress::isPublic)) {
            throw new UnknownHostException(host + " is not on the public internet.");
        }
        return all;
    }

    @Override
    public String resolveCanonicalHostname(String host) {
        return host;
    }
}
