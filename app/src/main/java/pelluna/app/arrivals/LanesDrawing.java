package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.app.planning.Desk;
import pelluna.core.arrivals.Dated;
import pelluna.core.capacity.Waste;
import pelluna.core.plan.Party;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

/** Lanes by arrival over a shared date axis: quarantine hatched, box outlined, in the tank filled; under them nitrate against its ceiling. */
final class LanesDrawing {
    private static final double WIDTH = 740;
    private static final double X0 = 232;
    private static final double X1 = 722;
    private static final double LANE = 54;
    private static final double STRIP = 92;
    private static final int STEP_DAYS = 7;

    private final Desk desk;
    private final Dated chosen;
    private final LocalDate today;
    private final LocalDate from;
    private final LocalDate to;
    private final Svg svg = new Svg();

    LanesDrawing(Desk desk, Dated chosen, LocalDate today) {
        this.desk = desk;
        this.chosen = chosen;
        this.today = today;
        List<Dated> steps = desk.assessment().arrivals().steps();
        LocalDate start = desk.plan().startOn();
        LocalDate end = steps.get(steps.size() - 1).releaseOn();
        this.from = start.minusDays(7);
        this.to = end.plusDays(Math.max(28, ChronoUnit.DAYS.between(start, end) / 6));
    }

    String draw() {
        List<Dated> steps = desk.assessment().arrivals().steps();
        double lanesEnd = 34 + steps.size() * LANE;
        double height = lanesEnd + STRIP + 62;
        svg.open("svg", "viewBox", "0 0 " + WIDTH + " " + Svg.num(height), "class", "lanes", "role", "group", "aria-label",
            "Lanes of arrival over the calendar: quarantine hatched, box outlined, in the tank filled");
        svg.add("<defs><pattern id=\"hatch\" width=\"6\" height=\"6\" patternUnits=\"userSpaceOnUse\" patternTransform=\"rotate(45)\">"
            + "<rect width=\"6\" height=\"6\" class=\"hatch-ground\"/><line x1=\"0\" y1=\"0\" x2=\"0\" y2=\"6\" class=\"hatch\"/></pattern></defs>");
        months(lanesEnd + STRIP + 22);
        for (int i = 0; i < steps.size(); i++) {
            lane(steps.get(i), 30 + LANE / 2 + i * LANE);
        }
        nitrate(steps, lanesEnd + 14);
        today(lanesEnd + STRIP + 22);
        return svg.close("svg").toString();
    }

    private double x(LocalDate day) {
        double share = (double) ChronoUnit.DAYS.between(from, day) / ChronoUnit.DAYS.between(from, to);
        return X0 + Math.max(0, Math.min(1, share)) * (X1 - X0);
    }

    private void months(double bottom) {
        long days = ChronoUnit.DAYS.between(from, to);
        int every = days > 720 ? 6 : days > 420 ? 3 : days > 240 ? 2 : 1;
        double last = -100;
        for (LocalDate m = from.withDayOfMonth(1).plusMonths(1); m.isBefore(to); m = m.plusMonths(1)) {
            if ((m.getMonthValue() - 1) % every == 0) {
                svg.el("line", "x1", x(m), "x2", x(m), "y1", 28, "y2", bottom, "class", "grid");
                if (x(m) - last > 46 && x(m) < X1 - 22) {
                    String name = m.getMonth().name().substring(0, 1) + m.getMonth().name().substring(1, 3).toLowerCase(java.util.Locale.ROOT);
                    svg.text(x(m) + 4, 20, m.getMonthValue() == 1 ? name + " " + m.getYear() : name, "class", "small");
                    last = x(m);
                }
            }
        }
    }

    private void lane(Dated d, double y) {
        boolean selected = chosen != null && chosen.position() == d.position();
        svg.open("a", "href", "/tanks/" + desk.tank().id() + "/arrivals?at=" + d.position(), "data-live", "", "class", selected ? "lane chosen" : "lane", "aria-label",
            "Arrival " + d.position() + ": " + d.arrival().label() + ", released on " + Measures.date(d.releaseOn()));
        svg.el("rect", "x", 0, "y", y - LANE / 2 + 1, "width", WIDTH, "height", LANE - 2, "class", "lane-ground");
        svg.text(10, y + 6, Integer.toString(d.position()), "class", "place");
        fish(d, y);
        List<String> name = lines(English.capital(d.arrival().label()), 20);
        svg.text(92, name.size() > 1 ? y - 8 : y - 2, name.get(0), "class", "lane-name");
        if (name.size() > 1) {
            svg.text(92, y + 7, name.get(1), "class", "lane-name");
        }
        svg.text(92, name.size() > 1 ? y + 22 : y + 15, Measures.shortDate(d.releaseOn()) + ", " + d.method().word().replace('-', ' '), "class", "small");
        d.quarantineFrom().ifPresent(q -> svg.el("rect", "x", x(q), "y", y - 11, "width", Math.max(2, x(d.boxFrom()) - x(q)), "height", 22, "rx", 3, "class", "quarantine"));
        if (d.boxed()) {
            svg.el("rect", "x", x(d.boxFrom()), "y", y - 11, "width", Math.max(3, x(d.releaseOn()) - x(d.boxFrom())), "height", 22, "class", "box");
        }
        svg.el("rect", "x", x(d.releaseOn()), "y", y - 11, "width", X1 - x(d.releaseOn()), "height", 22, "class", "in-tank");
        svg.el("circle", "cx", x(d.releaseOn()), "cy", y, "r", 5, "class", "release");
        svg.close("a");
    }

    private void fish(Dated d, double y) {
        List<Party> parties = d.arrival().parties();
        double room = 54.0 / parties.size();
        for (int i = 0; i < parties.size(); i++) {
            Party p = parties.get(i);
            double length = Math.min(room, 20 + p.adultCm() * 0.9);
            svg.add(FishDrawing.at(p.species(), 32 + room * (i + 0.5), y, length, "l" + d.position() + "-" + i));
        }
    }

    /** The long-run level for the fish of each week at their size then; a test, if there is one, sets the model's export. */
    private void nitrate(List<Dated> steps, double top) {
        Waste waste = new Waste(desk.plan().tank(), desk.plan().residents(), desk.plan().startOn());
        double ceiling = desk.plan().tank().nitrateCeiling();
        List<double[]> points = new ArrayList<>();
        double most = ceiling;
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(STEP_DAYS)) {
            double level = waste.nitrate(feed(steps, day)).steady();
            points.add(new double[] {x(day), level});
            most = Math.max(most, level);
        }
        double highest = most;
        double scale = (STRIP - 14) / (highest * 1.08);
        double base = top + STRIP;
        svg.el("line", "x1", 0, "x2", WIDTH, "y1", top - 6, "y2", top - 6, "class", "grid");
        svg.text(10, top + 14, "Nitrate, settled level", "class", "lane-name");
        svg.text(10, top + 30, "mg/L by the fish of each week;", "class", "small");
        svg.text(10, top + 45, "dashed: your ceiling, " + Measures.number(ceiling), "class", "small");
        desk.plan().tank().nitrate().ifPresent(n -> svg.text(10, top + 60, "circle: your test, " + Measures.number(n), "class", "small"));
        svg.el("line", "x1", X0, "x2", X1, "y1", base, "y2", base, "class", "axis");
        svg.el("line", "x1", X0, "x2", X1, "y1", base - ceiling * scale, "y2", base - ceiling * scale, "class", "ceiling");
        StringBuilder path = new StringBuilder();
        for (double[] p : points) {
            path.append(path.length() == 0 ? "M" : "L").append(Svg.num(p[0])).append(' ').append(Svg.num(base - p[1] * scale));
        }
        svg.el("path", "d", path, "class", "level");
        double[] last = points.get(points.size() - 1);
        svg.text(X1 - 4, base - last[1] * scale - 7, Measures.number(Measures.round(last[1], 1)), "class", "figure", "text-anchor", "end");
        desk.plan().tank().nitrate().ifPresent(n -> svg.el("circle", "cx", x(desk.plan().startOn()), "cy", base - Math.min(n, highest) * scale, "r", 4, "class", "test"));
    }

    private double feed(List<Dated> steps, LocalDate day) {
        double grams = 0;
        for (Party p : desk.plan().residents()) {
            grams += feed(p, p.lengthOn(day));
        }
        for (Dated d : steps) {
            if (!d.releaseOn().isAfter(day)) {
                for (Party p : d.arrival().parties()) {
                    grams += feed(p, p.bought(d.releaseOn()).lengthOn(day));
                }
            }
        }
        return grams;
    }

    private static double feed(Party p, double lengthCm) {
        return p.count() * Waste.feedGrams(p.species().size().mass().gramsAt(lengthCm));
    }

    private void today(double bottom) {
        if (!today.isBefore(from) && !today.isAfter(to)) {
            svg.el("line", "x1", x(today), "x2", x(today), "y1", 28, "y2", bottom, "class", "today");
            svg.text(Math.min(x(today) + 5, X1 - 90), bottom + 14, "today, " + Measures.shortDate(today), "class", "lane-name");
        }
    }

    private static List<String> lines(String text, int letters) {
        if (text.length() <= letters) {
            return List.of(text);
        }
        int cut = text.lastIndexOf(' ', letters);
        cut = cut < 1 ? letters : cut;
        String rest = text.substring(cut).trim();
        return List.of(text.substring(0, cut), rest.length() > letters + 2 ? rest.substring(0, letters) + "…" : rest);
    }
}
