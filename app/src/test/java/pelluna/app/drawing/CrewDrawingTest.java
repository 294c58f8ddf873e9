package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Drawn.read;

import org.junit.jupiter.api.Test;
import pelluna.core.crew.CrewKind;

class CrewDrawingTest {
    @Test
    void everyKindOfCrewHasAnOutlineWithItsName() throws Exception {
        for (CrewKind kind : CrewKind.values()) {
            String svg = CrewDrawing.draw(kind, "crew " + kind.word(), 50);
            assertThat(read(svg).getDocumentElement().getAttribute("aria-label"))
                    .isEqualTo("crew " + kind.word());
            assertThat(svg).contains("crew-shell").contains("width=\"50\" height=\"35\"");
        }
    }
}
