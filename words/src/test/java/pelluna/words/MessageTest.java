package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MessageTest {
    private static String say(String text, Map<String, Object> arguments) {
        return new Message("a.key", text, Locale.ENGLISH).say(slot -> arguments.get(slot.handed()));
    }

    @Test
    void textWithoutArgumentsIsSaidAsItStands() {
        assertThat(say("It's plain, isn't it?", Map.of())).isEqualTo("It's plain, isn't it?");
    }

    @Test
    void argumentsAreSaidInTheirPlacesAndMoreThanOnce() {
        assertThat(say("{one} and {two}, then {one}.", Map.of("one", "a", "two", "b")))
                .isEqualTo("a and b, then a.");
        assertThat(say("{one}", Map.of("one", "a"))).isEqualTo("a");
    }

    @Test
    void quotedBracesAreText() {
        assertThat(say("'{'{one}'}'", Map.of("one", "a"))).isEqualTo("{a}");
        assertThat(say("''{one}''", Map.of("one", "a"))).isEqualTo("'a'");
    }

    @Test
    void oneArgumentMayBeSaidAndChosenBy() {
        String text =
                "{cover, select, NONE {nothing} other {{cover}}} over {n, plural, one {{n} tank} other {{n} tanks}}";
        assertThat(say(text, Map.of("cover_code", "MESH", "cover", "a mesh", "n_number", 2, "n", "two")))
                .isEqualTo("a mesh over two tanks");
        assertThat(say(text, Map.of("cover_code", "NONE", "cover", "no", "n_number", 1, "n", "one")))
                .isEqualTo("nothing over one tank");
    }

    @Test
    void whatIsNoMessageIsRefusedWithItsKey() {
        assertThatThrownBy(() -> new Message("a.key", "{open", Locale.ENGLISH))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("a.key");
        assertThatThrownBy(() -> new Message("a.key", "{n, plural, one {x}}", Locale.ENGLISH))
                .isInstanceOf(IllegalStateException.class);
    }

    @Test
    void aMessageThatIsNotThereIsNamed() {
        assertThatThrownBy(() -> Messages.in(Locale.ENGLISH).get("sieve.NoSuchThing"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("sieve.NoSuchThing");
    }
}
