package pelluna.app.chart;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.drawing.Svg;
import pelluna.words.Words;

/** The same figures as a table, folded away under a chart. */
public final class ChartTable {
    private final Words say;
    private final List<String> heads;
    private final List<List<String>> rows = new ArrayList<>();

    /** @param heads of the columns, with their units */
    public ChartTable(Words say, List<String> heads) {
        this.say = say;
        this.heads = heads;
    }

    /** @param cells as many as there are heads */
    public ChartTable row(String... cells) {
        if (cells.length != heads.size()) {
            throw new IllegalArgumentException(String.join("|", cells));
        }
        rows.add(List.of(cells));
        return this;
    }

    public String markup() {
        Svg html = new Svg();
        html.open("details", "class", "chart-table").open("summary");
        html.add(Svg.escape(say.text("page.chart.asTable"))).close("summary");
        html.open("div", "class", "scroll-x")
                .open("table", "class", "pairs")
                .open("thead")
                .open("tr");
        heads.forEach(h -> html.open("th", "scope", "col").add(Svg.escape(h)).close("th"));
        html.close("tr").close("thead").open("tbody");
        for (List<String> row : rows) {
            html.open("tr");
            for (int i = 0; i < row.size(); i++) {
                String cell = i == 0 ? "th" : "td";
                html.open(cell, i == 0 ? "scope" : "class", i == 0 ? "row" : "fig");
                html.add(Svg.escape(row.get(i))).close(cell);
            }
            html.close("tr");
        }
        return html.close("tbody").close("table").close("div").close("details").toString();
    }
}
