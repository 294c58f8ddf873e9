package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import pelluna.app.chart.Axis;
import pelluna.app.chart.Chart;
import pelluna.app.chart.ChartTable;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.core.catalogue.Stance;
import pelluna.core.outlook.Change;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/**
 * A row for each fish: drawn to one scale as it grows over the plan's years, marked where it outgrows the tank, and at
 * the end the length of tank that it needs when grown against the length that there is.
 */
final class LengthsDrawing {
    private static final double WIDE = 860;
    private static final double NAMES = 168;
    private static final double NEEDS = 196;
    private static final double BOTTOM = 26;
    private static final double LEAST_ROW = 34;
    /** The largest fish is drawn so long, px. */
    private static final double LONGEST = 104;

    private static final double[] STAGES = {0.06, 0.34, 0.62, 0.9};

    private final LocalDate start;
    private final long days;
    private final double swim;
    private final Stance stance;
    private final Words say;
    private final double scale;
    private double most;

    /** @param swim longest straight swim of the tank, cm */
    LengthsDrawing(LocalDate start, LocalDate end, double swim, Stance stance, List<Party> fish, Words say) {
        this.start = start;
        this.days = Math.max(30, ChronoUnit.DAYS.between(start, end));
        this.swim = swim;
        this.stance = stance;
        this.say = say;
        this.scale = LONGEST / fish.stream().mapToDouble(Party::adultCm).max().orElse(1);
        this.most = Math.max(swim, fish.stream().mapToDouble(this::needs).max().orElse(0));
    }

    private double needs(Party p) {
        return p.species().room().runCm().at(stance);
    }

    private double high(Party p) {
        return Math.max(LEAST_ROW, 2 * FishDrawing.halfHeight(p.species().look()) * p.adultCm() * scale + 10);
    }

    String draw(List<LeavingController.Fish> all) {
        if (all.isEmpty()) {
            return "";
        }
        double high = 22 + all.stream().mapToDouble(f -> high(f.party())).sum() + BOTTOM;
        Axis across = Axis.stretched(0, days);
        Chart chart = new Chart(
                "lengths",
                say.text("page.arrivals.lengthsDrawn", all.size()),
                new Chart.Frame(WIDE, high, NAMES, NEEDS, BOTTOM),
                across,
                Axis.even(0, 1));
        years(chart);
        ChartTable table = new ChartTable(
                say,
                List.of(
                        say.text("page.chart.fish"),
                        say.text("page.arrivals.lengthNow"),
                        say.text("page.arrivals.lengthGrown"),
                        say.text("page.arrivals.tankItNeeds")));
        chart.svg()
                .fitted(
                        WIDE - NEEDS + 22,
                        12,
                        NEEDS - 24,
                        say.text("page.arrivals.needsOfYours", say.length(swim)),
                        14,
                        "class",
                        "small");
        double y = 22;
        for (LeavingController.Fish f : all) {
            row(chart, f, y, high(f.party()));
            table.row(
                    say.title(f.party()),
                    say.length(f.party().lengthOn(start)),
                    say.length(f.party().adultCm()),
                    say.length(needs(f.party())));
            y += high(f.party());
        }
        return chart.end(table);
    }

    private void years(Chart chart) {
        chart.mark(0, say.text("page.arrivals.nowOnAxis"));
        for (LocalDate year = start.withDayOfYear(1).plusYears(1);
                ChronoUnit.DAYS.between(start, year) < days;
                year = year.plusYears(1)) {
            chart.mark(ChronoUnit.DAYS.between(start, year), Integer.toString(year.getYear()));
        }
    }

    private void row(Chart chart, LeavingController.Fish f, double top, double high) {
        Party p = f.party();
        double middle = top + high / 2;
        Svg svg = chart.svg();
        svg.el("line", "class", "grid", "x1", 0, "x2", WIDE, "y1", top + high, "y2", top + high);
        svg.fitted(4, middle + 5, NAMES - 14, say.title(p), 14, "class", "lane-name");
        for (double stage : STAGES) {
            double day = stage * stage * days;
            double cm = p.lengthOn(start.plusDays(Math.round(day)));
            fish(chart, p, cm, chart.x(day), middle);
        }
        f.outgrows().stream().findFirst().ifPresent(c -> outgrown(chart, c, top, high));
        need(svg, p, middle);
    }

    private void fish(Chart chart, Party p, double cm, double x, double y) {
        double long_ = cm * scale;
        double half = FishDrawing.halfHeight(p.species().lookAt(cm)) * long_;
        double wide = FishDrawing.SHARE_WIDE * long_;
        chart.picture(
                FishDrawing.href(p.species(), p.species().lookAt(cm)),
                x - long_ / 2 - FishDrawing.SHARE_BEFORE * long_ + wide / 2,
                y,
                wide,
                2 * half,
                say.text("page.chart.ratingOf", say.title(p), say.length(cm)));
    }

    private void outgrown(Chart chart, Change c, double top, double high) {
        double x = chart.x(Math.max(0, ChronoUnit.DAYS.between(start, c.on())));
        chart.bar(
                x - 2,
                top + 3,
                4,
                high - 6,
                "out-grown step-" + c.step().word(),
                say.text("page.chart.valueOn", say.title(c.event()), say.shortDate(c.on())));
    }

    /** Two bars under each other: the tank that it needs, and the tank that there is. */
    private void need(Svg svg, Party p, double middle) {
        double x = WIDE - NEEDS + 22;
        double room = NEEDS - 76;
        double needs = needs(p);
        String look = needs > swim ? "need too-long" : "need";
        svg.el("rect", "class", look, "x", x, "y", middle - 8, "width", room * needs / most, "height", 7);
        svg.el("rect", "class", "has", "x", x, "y", middle + 2, "width", room * swim / most, "height", 7);
        svg.text(WIDE - 2, middle + 5, say.length(needs), "class", "figure", "text-anchor", "end");
    }
}
