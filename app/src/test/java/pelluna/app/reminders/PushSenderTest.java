package pelluna.app.reminders;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.springframework.core.env.StandardEnvironment;
import pelluna.app.testing.Pelluna;
import pelluna.core.units.Step;

/** Where notifications may go, with and without somebody who answers for what is sent outside. */
class PushSenderTest {
    private static final String OUTSIDE = "https://push.example/abc";

    private static PushSender sender(String contact) {
        return new PushSender(contact, Pelluna.bean(PushKeys.class), new StandardEnvironment());
    }

    @Test
    void withoutAContactNothingGoesOutside() {
        assertThat(sender(" ").outside()).isFalse();
        assertThat(sender("").knows(OUTSIDE)).isFalse();
        assertThat(sender("mailto:keeper@reef.example").knows(OUTSIDE)).isTrue();
        assertThat(sender("https://reef.example/me").knows(OUTSIDE)).isTrue();
    }

    @Test
    void aContactIsAnAddressOfMailOrAPage() {
        assertThatThrownBy(() -> sender("me")).isInstanceOf(IllegalStateException.class);
    }

    @Test
    void evenThenNoMachineOfThisNetworkIsWrittenTo() {
        PushSender sender = sender("mailto:keeper@reef.example");
        assertThat(sender.address("https://localhost/abc")).isEmpty();
        assertThat(sender.address("https://127.0.0.1/abc")).isEmpty();
        assertThat(sender.address("https://198.51.100.7/abc")).isPresent();
        assertThat(sender("").address("https://198.51.100.7/abc")).isEmpty();
    }

    @Test
    void whatIsTooLongForALockScreenIsCutSoThatItFits() {
        byte[] json = new Notice("ü".repeat(500), "ß".repeat(5000), "tank-1", "/tanks/1/today", "de", Step.CALM).json();
        assertThat(json.length).isLessThan(3_993);
    }
}
