package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LinesTest {
    @Test
    void aLongWordBreaksBehindItsHyphen() {
        assertThat(Lines.wrapped("Langflossen-Zwerglippfisch", 20, 2))
                .containsExactly("Langflossen-", "Zwerglippfisch");
        assertThat(Lines.wrapped("Langflossen-Zwerglippfisch", 30, 2)).containsExactly("Langflossen-Zwerglippfisch");
        assertThat(Lines.longest("2 × Langflossen-Zwerglippfisch")).isEqualTo("Zwerglippfisch".length());
    }

    @Test
    void wordsFillLinesAndTheRestIsCutWithAnEllipsis() {
        assertThat(Lines.wrapped("one two three four", 9, 2)).containsExactly("one two", "three …");
        assertThat(Lines.wrapped("one two three", 9, 2)).containsExactly("one two", "three");
        assertThat(Lines.wrapped(" ", 9, 2)).isEmpty();
    }

    @Test
    void aTextThatIsWiderThanItsRoomIsPressedTogether() {
        assertThat(new Svg().fitted(0, 0, 200, "short", 13).toString()).doesNotContain("textLength");
        assertThat(new Svg().fitted(0, 0, 20, "rather long", 13).toString()).contains("textLength=\"20\"");
    }
}
