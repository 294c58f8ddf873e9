package pelluna.app.tankplace;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pelluna.app.tank.TankFigures;
import pelluna.app.tank.TankFiguresTest;

class TankFieldTest {
    @Test
    void everyFigureHasItsField() {
        assertThat(TankField.values())
                .extracting(TankField::key)
                .containsExactlyInAnyOrderElementsOf(
                        TankFigures.of(TankFiguresTest.whole()).flat().keys());
    }
}
