package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Lines;
import pelluna.app.drawing.Svg;
import pelluna.app.planning.OpenTank;
import pelluna.core.arrivals.Dated;
import pelluna.core.outlook.Change;
import pelluna.core.plan.Hand;
import pelluna.core.plan.Party;
import pelluna.core.plan.WaterTest;

/**
 * Lanes by arrival over a shared date axis: quarantine hatched, box outlined, in the tank filled, days to look ticked,
 * what a fish grows into
 * marked; under them the strips of the water. A lane can be dragged to another place or day.
 */
final class LanesDrawing {
    private static final double WIDTH = 740;
    private static final double X0 = 232;
    private static final double X1 = 704;
    private static final double LANE = 46;
    private static final double TOP = 28;
    /** Days after release on which the model asks for a look: next morning, day 3, day 7. */
    private static final int[] LOOKS = {1, 3, 7};

    private static final double LETTERS = 11.5;
    /** Room for the ticks of days to look before a text in the bar. */
    private static final double AFTER_LOOKS = 26;

    private final OpenTank opened;
    private final String currency;
    private final Dated chosen;
    private final LocalDate today;
    private final List<Change> changes;
    private final DateAxis axis;
    private final Svg svg = new Svg();

    /** @param currency behind a price, may be empty */
    LanesDrawing(OpenTank opened, Dated chosen, LocalDate today, List<Change> changes, String currency) {
        this.opened = opened;
        this.currency = currency;
        this.chosen = chosen;
        this.today = today;
        this.changes = changes;
        List<Dated> steps = opened.assessment().arrivals().steps();
        LocalDate start = opened.plan().startOn();
        LocalDate end = steps.get(steps.size() - 1).releaseOn();
        this.axis =
                new DateAxis(from(start), end.plusDays(Math.max(28, ChronoUnit.DAYS.between(start, end) / 6)), X0, X1);
    }

    /** A week before the start; as far back as four weeks where there are tests to show. */
    private LocalDate from(LocalDate start) {
        LocalDate week = start.minusDays(7);
        return opened.plan().tests().stream()
                .map(WaterTest::on)
                .filter(on -> on.isAfter(start.minusDays(28)) && on.isBefore(week))
                .min(LocalDate::compareTo)
                .map(on -> on.minusDays(2))
                .orElse(week);
    }

    DateAxis axis() {
        return axis;
    }

    String draw(StripsDrawing strips) {
        List<Dated> steps = opened.assessment().arrivals().steps();
        double lanesEnd = TOP + 6 + steps.size() * LANE;
        double bottom = lanesEnd + 8 + StripsDrawing.HEIGHT;
        svg.open(
                "svg",
                "viewBox",
                "0 0 " + WIDTH + " " + Svg.num(bottom + 24),
                "class",
                "lanes",
                "role",
                "group",
                "aria-label",
                opened.say().text("page.arrivals.lanes"),
                "data-from",
                axis.from().toString(),
                "data-days",
                axis.days(),
                "data-x0",
                X0,
                "data-x1",
                X1,
                "data-lane",
                LANE,
                "data-top",
                TOP + 4,
                "data-steps",
                steps.size(),
                "data-base",
                "/tanks/" + opened.tank().id() + "/arrivals");
        svg.add("<defs><pattern id=\"hatch\" width=\"6\" height=\"6\" patternUnits=\"userSpaceOnUse\" "
                + "patternTransform=\"rotate(45)\"><rect width=\"6\" height=\"6\" "
                + "class=\"hatch-ground\"/><line x1=\"0\" y1=\"0\" x2=\"0\" y2=\"6\" "
                + "class=\"hatch\"/></pattern></defs>");
        axis.months(svg, TOP, bottom, opened.say());
        for (int i = 0; i < steps.size(); i++) {
            lane(steps.get(i), TOP + 4 + LANE / 2 + i * LANE);
        }
        strips.draw(svg, lanesEnd + 8);
        if (axis.shows(today)) {
            svg.el("line", "x1", axis.x(today), "x2", axis.x(today), "y1", TOP, "y2", bottom, "class", "today");
            svg.text(
                    Math.min(axis.x(today) + 5, X1 - 90),
                    bottom + 16,
                    opened.say().text("page.arrivals.today", today),
                    "class",
                    "lane-name");
        }
        return svg.close("svg").toString();
    }

    /** The parties of an arrival by their ids: 'w3' or 'w3,w5'. */
    static String ids(Dated d) {
        return d.arrival().parties().stream().map(Party::id).collect(Collectors.joining(","));
    }

    private void lane(Dated d, double y) {
        boolean selected = chosen != null && chosen.position() == d.position();
        boolean byHand = d.arrival().place() > 0 || d.arrival().on().isPresent();
        svg.open(
                "a",
                "href",
                "/tanks/" + opened.tank().id() + "/arrivals?at=" + d.position(),
                "data-live",
                "",
                "class",
                selected ? "lane chosen" : "lane",
                "data-fish",
                ids(d),
                "data-place",
                d.position(),
                "data-on",
                d.releaseOn().toString(),
                "aria-label",
                byHand
                        ? opened.say().text("page.arrivals.laneByHand", d.position(), label(d), d.releaseOn())
                        : opened.say().text("page.arrivals.lane", d.position(), label(d), d.releaseOn()));
        svg.el("rect", "x", 0, "y", y - LANE / 2 + 1, "width", WIDTH, "height", LANE - 2, "class", "lane-ground");
        svg.text(10, y + 6, Integer.toString(d.position()), "class", "place");
        fish(d, y);
        List<String> name = Lines.wrapped(opened.say().title(label(d)), 20, 2);
        svg.text(92, name.size() > 1 ? y - 9 : y - 3, name.get(0), "class", "lane-name");
        if (name.size() > 1) {
            svg.text(92, y + 5, name.get(1), "class", "lane-name");
        }
        svg.text(
                92,
                name.size() > 1 ? y + 19 : y + 13,
                byHand
                        ? opened.say().text("page.arrivals.onADayByHand", d.releaseOn())
                        : opened.say()
                                .text(
                                        "page.arrivals.onADay",
                                        d.releaseOn(),
                                        opened.say().of(d.method(), "brief")),
                "class",
                "small");
        bars(d, y);
        price(d, y);
        svg.close("a");
    }

    private void bars(Dated d, double y) {
        d.quarantineFrom()
                .ifPresent(q -> svg.el(
                        "rect",
                        "x",
                        axis.x(q),
                        "y",
                        y - 10,
                        "width",
                        Math.max(2, axis.x(d.boxFrom()) - axis.x(q)),
                        "height",
                        20,
                        "rx",
                        3,
                        "class",
                        "quarantine"));
        if (d.boxed()) {
            svg.el(
                    "rect",
                    "x",
                    axis.x(d.boxFrom()),
                    "y",
                    y - 10,
                    "width",
                    Math.max(3, axis.x(d.releaseOn()) - axis.x(d.boxFrom())),
                    "height",
                    20,
                    "class",
                    "box");
        }
        LocalDate end = leaves(d).filter(axis::shows).orElse(axis.to());
        svg.el(
                "rect",
                "x",
                axis.x(d.releaseOn()),
                "y",
                y - 10,
                "width",
                Math.max(2, axis.x(end) - axis.x(d.releaseOn())),
                "height",
                20,
                "class",
                "in-tank");
        if (end.isBefore(axis.to())) {
            svg.text(
                    Math.min(axis.x(end) + 4, X1 - 36),
                    y + 4,
                    opened.say().text("page.arrivals.laneLeaves"),
                    "class",
                    "small");
        }
        lengths(d, axis.x(end), y);
        for (int days : LOOKS) {
            double x = axis.x(d.releaseOn().plusDays(days));
            svg.el("line", "x1", x, "x2", x, "y1", y - 10, "y2", y - 4, "class", "look");
        }
        grows(d, y);
        if (d.arrival().on().isPresent()) {
            svg.el(
                    "path",
                    "d",
                    "M" + Svg.num(axis.x(d.releaseOn())) + " " + Svg.num(y - 20) + "l4 6h-8z",
                    "class",
                    "pin");
        }
        svg.el("circle", "cx", axis.x(d.releaseOn()), "cy", y, "r", 6, "class", "release");
    }

    /** In the bar, where it has room: how long it is when it goes in, and full-grown. */
    private void lengths(Dated d, double end, double y) {
        Party p = d.arrival().parties().get(0);
        String says = opened.say()
                .text(
                        "page.arrivals.laneGrows",
                        opened.say().length(p.lengthOn(d.releaseOn())),
                        opened.say().length(p.adultCm()));
        if (d.arrival().parties().size() == 1 && end - axis.x(d.releaseOn()) > Svg.wide(says, LETTERS) + AFTER_LOOKS) {
            svg.text(end - 6, y + 4, says, "class", "lane-grows", "text-anchor", "end");
        }
    }

    /** At the right, what it costs, where the keeper has said it for all of them. */
    private void price(Dated d, double y) {
        List<Party> parties = d.arrival().parties();
        if (parties.stream().allMatch(p -> p.hand().price().isPresent())) {
            double sum = parties.stream()
                    .mapToDouble(p -> p.count() * p.hand().price().getAsDouble())
                    .sum();
            String says = (opened.say().number(Math.round(sum)) + " " + currency).strip();
            svg.fitted(X1 + 5, y + 4, WIDTH - X1 - 6, says, LETTERS, "class", "figure");
        }
    }

    /** Days on which one of them outgrows the tank or changes, as far as the axis goes. */
    private void grows(Dated d, double y) {
        List<String> ids = d.arrival().parties().stream().map(Party::id).toList();
        for (Change c : changes) {
            boolean growth = c.kind() == Change.Kind.LONGER_RUN
                    || c.kind() == Change.Kind.MORE_WATER
                    || c.kind() == Change.Kind.TURNING_ROOM
                    || c.kind() == Change.Kind.COLOURS;
            if (growth && axis.shows(c.on()) && c.about().stream().anyMatch(ids::contains)) {
                double x = axis.x(c.on());
                svg.open(
                        "path",
                        "d",
                        "M" + Svg.num(x) + " " + Svg.num(y + 2) + "l5 6l-5 6l-5 -6z",
                        "class",
                        "grows step-" + c.step().word());
                svg.open("title")
                        .add(Svg.escape(
                                opened.say().date(c.on()) + ": " + opened.say().of(c.event())))
                        .close("title")
                        .close("path");
            }
        }
    }

    private static Optional<LocalDate> leaves(Dated d) {
        return d.arrival().parties().stream()
                .flatMap(p -> p.hand().leaves().stream())
                .map(Hand.Leaving::on)
                .max(LocalDate::compareTo);
    }

    private void fish(Dated d, double y) {
        List<Party> parties = d.arrival().parties();
        double room = 54.0 / parties.size();
        for (int i = 0; i < parties.size(); i++) {
            Party p = parties.get(i);
            double length = Math.min(room, 20 + p.adultCm() * 0.9);
            svg.add(FishDrawing.at(
                    p.species().lookAt(p.lengthCm()), 32 + room * (i + 0.5), y, length, "l" + d.position() + "-" + i));
        }
    }

    private String label(Dated d) {
        return opened.say().list(d.arrival().parties());
    }
}
