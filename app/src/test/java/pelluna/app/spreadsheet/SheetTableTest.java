package pelluna.app.spreadsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.limits.Refused;

class SheetTableTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "On,Note\n2026-01-05,x\n",
                "on;note\n2026-01-05;x",
                "on\tNOTE\n2026-01-05\tx\n",
                "\uFEFFon,note\r\n2026-01-05,x\r\n",
                "note,on\n\nx, 2026-01-05 \n"
            })
    void commaSemicolonOrTabInAnyOrderAndCase(String text) {
        SheetTable.SheetRow row = read(text).get(0);
        assertThat(row.cell("on")).isEqualTo("2026-01-05");
        assertThat(row.cell("Note")).isEqualTo("x");
        assertThat(row.cell("other")).isEmpty();
    }

    private static List<SheetTable.SheetRow> read(String text) {
        List<SheetTable.SheetRow> rows = new ArrayList<>();
        SheetTable.read(text, rows::add);
        return rows;
    }

    @Test
    void rowsCountAsASpreadsheetCountsThemAndEmptyOnesAreNone() {
        List<SheetTable.SheetRow> rows = read("a,b\n1,2\n,\n3,4\n");
        assertThat(rows).extracting(SheetTable.SheetRow::number).containsExactly(2L, 4L);
    }

    @Test
    void quotedCellsKeepTheirCommasAndLines() {
        assertThat(read("note,on\n\"a, \"\"b\"\"\nc\",1\n").get(0).cell("note")).isEqualTo("a, \"b\"\nc");
        assertThatThrownBy(() -> read("a,b\n\"1,2\n"))
                .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.why()).isEqualTo(new SheetRefusal.NoTable()));
        assertThatThrownBy(() -> read("a,a\n1,2\n")).isInstanceOf(Refused.class);
    }

    @Test
    void whatIsWrittenIsReadAgainAndFormulasAreText() {
        String csv = SheetTable.write(
                List.of("on", "note"),
                List.of(List.of("2026-01-05", "he said \"no\", twice"), List.of(3.5, "=cmd()"), List.of("+1", "@x")));
        assertThat(read(csv).get(0).cell("note")).isEqualTo("he said \"no\", twice");
        assertThat(csv).contains("'=cmd()").contains("'+1").contains("'@x").contains("3.5");
    }
}
