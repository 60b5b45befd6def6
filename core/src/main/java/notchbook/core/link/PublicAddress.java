package notchbook.core.link;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;

/**
 * Tells public internet addresses from those of a machine or network of one's own, which a server must not be talked into
 * asking. Source: IANA special-purpose address registries (RFC 6890), as of 2025.
 */
public final class PublicAddress {
    private static final List<Range> SPECIAL = List.of(
            Range.of("0.0.0.0", 8),
            Range.of("10.0.0.0", 8),
            Range.of("100.64.0.0", 10),
            Range.of("127.0.0.0", 8),
            Range.of("169.254.0.0", 16),
            Range.of("172.16.0.0", 12),
            Range.of("192.0.0.0", 24),
            Range.of("192.0.2.0", 24),
            Range.of("192.88.99.0", 24),
            Range.of("192.168.0.0", 16),
            Range.of("198.18.0.0", 15),
            Range.of("198.51.100.0", 24),
            Range.of("203.0.113.0", 24),
            Range.of("224.0.0.0", 4),
            Range.of("240.0.0.0", 4),
            Range.of("2001::", 23),
            Range.of("2001:db8::", 32),
            // What is wrapped in a 6to4 address may be an inside one.
            Range.of("2002::", 16),
            Range.of("3fff::", 20));

    /** All of IPv6 that is given out to the public internet. */
    private static final Range GLOBAL_V6 = Range.of("2000::", 3);

    private PublicAddress() {}

    /** Whether an address is one of the public internet; an IPv4 address written as IPv6 counts as what it is. */
    public static boolean isPublic(InetAddress address) {
        var isGlobal = address.getAddress().length == 4 || GLOBAL_V6.contains(address);
        return isGlobal && SPECIAL.stream().noneMatch(range -> range.contains(address));
    }

    /** The addresses that begin with the first {@code bits} of {@code start}. */
    private record Range(byte[] start, int bits) {
        static Range of(String start, int bits) {
            try {
                // A literal address is not looked up anywhere.
                return new Range(InetAddress.getByName(start).getAddress(), bits);
            } catch (UnknownHostException noLiteral) {
                throw new IllegalArgumentException(start + " is no address.", noLiteral);
            }
        }

        boolean contains(InetAddress address) {
            var bytes = address.getAddress();
            if (bytes.length != start.length) {
                return false;
            }
            for (var bit = 0; bit < bits; bit++) {
                var mask = 0x80 >> (bit % 8);
                if ((bytes[bit / 8] & mask) != (start[bit / 8] & mask)) {
                    return false;
                }
            }
            return true;
        }
    }
}
