package pelluna.app.tank;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;

class DrawnReefTest {
    private static final Scape SCAPE =
            new Scape(List.of(new Rock(10, 40, List.of(20.0, 30.0))), List.of(new Hide(20, 8)), new Run(5, 40));

    private static Map<String, Object> figures(double length, double height, int hides) {
        return new HashMap<>(
                Map.of("lengthCm", length, "waterHeightCm", height, "hides", hides, "scape", DrawnReef.tree(SCAPE)));
    }

    @Test
    void itsTreeIsReadBackAsItWasDrawn() {
        assertThat(DrawnReef.of(DrawnReef.tree(SCAPE))).isEqualTo(SCAPE);
    }

    @Test
    void inALongerTankItKeepsItsSharesOfTheGlass() {
        Map<String, Object> after = figures(200, 50, 1);
        DrawnReef.follow(figures(100, 50, 1), after);
        @SuppressWarnings("unchecked")
        Scape scape = DrawnReef.of((Map<String, Object>) after.get("scape"));
        assertThat(scape.rocks().get(0).leftCm()).isEqualTo(20);
        assertThat(scape.rocks().get(0).heightsCm()).containsExactly(20.0, 30.0);
        assertThat(scape.hides().get(0)).isEqualTo(new Hide(40, 8));
    }

    @Test
    void asManyHidesAreDrawnAsAreTyped() {
        Map<String, Object> after = figures(100, 50, 3);
        DrawnReef.follow(figures(100, 50, 1), after);
        @SuppressWarnings("unchecked")
        Scape scape = DrawnReef.of((Map<String, Object>) after.get("scape"));
        assertThat(scape.hides()).hasSize(3).startsWith(new Hide(20, 8));
    }
}
