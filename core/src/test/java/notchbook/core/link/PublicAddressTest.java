package notchbook.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PublicAddressTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "0.0.0.0",
                "10.1.2.3",
                "100.64.0.1",
                "100.127.255.255",
                "127.0.0.1",
                "127.255.255.254",
                "169.254.169.254",
                "172.16.0.1",
                "172.31.255.255",
                "192.168.1.1",
                "198.19.0.1",
                "224.0.0.1",
                "255.255.255.255",
                "::",
                "::1",
                "::ffff:127.0.0.1",
                "::ffff:192.168.0.1",
                "64:ff9b::a00:1",
                "fe80::1",
                "fc00::1",
                "fd12:3456::1",
                "ff02::1",
                "2001::1",
                "2001:db8::1",
                "2002:7f00:1::",
                "3fff::1"
            })
    void keepsOutAddressesOfOnesOwnNetwork(String literal) throws UnknownHostException {
        assertThat(PublicAddress.isPublic(InetAddress.getByName(literal))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1.1.1.1",
                "9.255.255.255",
                "11.0.0.0",
                "100.63.255.255",
                "100.128.0.0",
                "126.255.255.255",
                "128.0.0.1",
                "169.253.255.255",
                "172.15.255.255",
                "172.32.0.0",
                "192.167.255.255",
                "198.20.0.0",
                "223.255.255.255",
                "2001:200::1",
                "2606:4700::1111",
                "3ffe::1"
            })
    void letsThroughWhatLiesRightBesideThem(String literal) throws UnknownHostException {
        assertThat(PublicAddress.isPublic(InetAddress.getByName(literal))).isTrue();
    }
}
