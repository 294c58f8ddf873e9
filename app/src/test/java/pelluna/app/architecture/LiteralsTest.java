package pelluna.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a reader reads stands in the messages of the module of words. Literal text is counted here. */
class LiteralsTest {
    @Test
    void templatesSayNothingByThemselves() {
        assertThat(Templates.all()).hasSizeGreaterThan(40);
        assertThat(Templates.all().stream().flatMap(t -> Templates.literals(t).stream()))
                .isEmpty();
    }

    @Test
    void scriptsSayNothingByThemselves() {
        assertThat(Scripts.all()).hasSizeGreaterThan(12);
        assertThat(Scripts.all().stream().flatMap(Scripts::literals)).isEmpty();
    }
}
