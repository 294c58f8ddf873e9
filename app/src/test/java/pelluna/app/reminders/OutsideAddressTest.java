package pelluna.app.reminders;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers by RFC 6890 and its registries. */
class OutsideAddressTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "0.0.0.0",
                "10.1.2.3",
                "100.64.0.1",
                "100.127.255.254",
                "127.0.0.1",
                "169.254.169.254",
                "172.16.0.1",
                "172.31.255.255",
                "192.168.1.1",
                "224.0.0.1",
                "240.0.0.1",
                "255.255.255.255",
                "::",
                "::1",
                "fe80::1",
                "fc00::1",
                "fd12:3456::1",
                "ff02::1",
                "::ffff:127.0.0.1"
            })
    void machinesOfThisNetworkAreNotOutThere(String number) throws UnknownHostException {
        assertThat(OutsideAddress.outThere(InetAddress.getByName(number))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"100.63.255.255", "100.128.0.1", "172.15.0.1", "172.32.0.1", "198.51.100.7", "2001:db8::1"})
    void othersAre(String number) throws UnknownHostException {
        assertThat(OutsideAddress.outThere(InetAddress.getByName(number))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "http://push.example/a", "https://push.example:8443/a", "https://me@push.example/a",
                        "ftp://push.example",
                "/push-service/a", "https:///a", "no address", ""
            })
    void anAddressIsHttpsAtItsUsualPort(String address) {
        assertThat(OutsideAddress.of(address)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"https://push.example/a?b=c", "https://push.example:443/a"})
    void thenItIsGood(String address) {
        assertThat(OutsideAddress.of(address)).isPresent();
    }
}
