package pelluna.app.losses;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pelluna.core.tank.Cover;

class CircumstancesTest {
    private final CircumstancesText column = new CircumstancesText();

    @Test
    void whatEarlierReleasesWroteIsRead() {
        assertThat(column.convertToEntityAttribute(
                        "{\"cover\":\"mesh\",\"open\":true,\"quarantine\":false,\"boxed\":true}"))
                .isEqualTo(new Circumstances(Cover.MESH, true, false, true, null));
        assertThat(column.convertToEntityAttribute("{\"open\":false,\"remembered\":true}"))
                .isEqualTo(Circumstances.remembered(false));
        assertThat(column.convertToEntityAttribute("{\"remembered\":true}")).isEqualTo(Circumstances.remembered(null));
        assertThat(column.convertToEntityAttribute(null)).isNull();
    }

    @Test
    void whatIsNotKnownIsNotWritten() {
        assertThat(column.convertToDatabaseColumn(Circumstances.remembered(null)))
                .isEqualTo("{\"remembered\":true}");
    }
}
