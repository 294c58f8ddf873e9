package pelluna.app.tankplace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.app.tank.FlatFigures;
import pelluna.core.plan.ScapeFile;
import pelluna.core.plan.ScapeFile.HideFile;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;

class DrawnReefTest {
    private static final Scape SCAPE =
            new Scape(List.of(new Rock(10, 40, List.of(20.0, 30.0))), List.of(new Hide(20, 8)), new Run(5, 40));

    private static final ScapeFile DRAWN = ScapeFile.of(SCAPE);

    private static FlatFigures figures(double length, double height, int hides) {
        return FlatFigures.none()
                .with("lengthCm", length)
                .with("waterHeightCm", height)
                .with("hides", hides);
    }

    @Test
    void inALongerTankItKeepsItsSharesOfTheGlass() {
        ScapeFile after = DrawnReef.following(DRAWN, figures(100, 50, 1), figures(200, 50, 1));
        assertThat(after.rocks().get(0).leftCm()).isEqualTo(20);
        assertThat(after.rocks().get(0).heightsCm()).containsExactly(20.0, 30.0);
        assertThat(after.hides().get(0)).isEqualTo(new HideFile(40, 8));
    }

    @Test
    void asManyHidesAreDrawnAsAreTyped() {
        ScapeFile after = DrawnReef.following(DRAWN, figures(100, 50, 1), figures(100, 50, 3));
        assertThat(after.hides()).hasSize(3).startsWith(new HideFile(20, 8));
    }
}
