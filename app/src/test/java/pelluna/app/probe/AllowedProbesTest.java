package pelluna.app.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Visitor;

/** With several keepers on a server, a probe's address is no way to look around in its network. */
class AllowedProbesTest {
    @BeforeAll
    static void severalKeepers() {
        Visitor.signedUp("Second", UUID.randomUUID() + "@reef.example");
    }

    private static ProbeAddress address(String text, String... listed) {
        return ProbeAddress.of(text, Set.of(), new AllowedProbes(List.of(listed), Pelluna.bean(Keepers.class)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"http://127.0.0.1:8089/x", "http://192.168.1.20/reading", "http://10.0.0.7/", "http://[::1]/"})
    void noMachineOfTheNetworkIsAskedUnlessItIsListed(String text) {
        assertThatThrownBy(() -> address(text))
                .isInstanceOfSatisfying(
                        Refused.class, e -> assertThat(e.why()).isInstanceOf(ProbeRefusal.NotListed.class));
    }

    @Test
    void whatIsListedIsAskedByItsNameOrItsNumber() {
        assertThat(address("http://192.168.1.20/reading", "192.168.1.20").asked())
                .hasToString("http://192.168.1.20:80/reading");
        assertThat(address("http://LocalHost:8089/", "localhost").asked().getHost())
                .isEqualTo("127.0.0.1");
    }

    @Test
    void aMachineOutsideIsAskedOnlyIfItIsListed() {
        assertThatThrownBy(() -> address("http://203.0.113.5/", "192.168.1.20"))
                .isInstanceOfSatisfying(
                        Refused.class, e -> assertThat(e.why()).isInstanceOf(ProbeRefusal.Outside.class));
        assertThat(address("http://203.0.113.5/", "203.0.113.5").machine().getHostAddress())
                .isEqualTo("203.0.113.5");
    }
}
