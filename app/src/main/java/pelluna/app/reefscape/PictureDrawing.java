package pelluna.app.reefscape;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.app.drawing.Waves;
import pelluna.app.reefscape.Swimmers.Swimmer;
import pelluna.app.scenery.Layer;
import pelluna.app.scenery.ReefDrawing;
import pelluna.core.grounds.Ellipse;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Press;
import pelluna.core.units.Step;

/** The Reefscape as a picture that stands by itself: title, date, scale and legend, its letters within the file. */
final class PictureDrawing {
    private static final double WIDE = 1600;
    private static final double MARGIN = 40;
    private static final double TITLE = 96;
    private static final double LEGEND = 104;
    private static final int FEW_ARROWS = 5;
    private static final int MOST_ARROWS = 30;
    private static final Map<Step, String> INKS =
            Map.of(Step.CALM, "#a5cdc5", Step.RIPPLE, "#a9d0f5", Step.CHOP, "#f5b04a", Step.SURGE, "#ff8fbb");
    private static final Map<Step, String> WORDS =
            Map.of(Step.CALM, "#5d8781", Step.RIPPLE, "#2f6fb0", Step.CHOP, "#b06f10", Step.SURGE, "#a11d5f");

    private final ReefscapeViews.View view;
    private final Outlook outlook;
    private final Wanted wanted;
    private final LocalDate day;
    private final int arrowsFrom;
    private final List<Layer> layers;
    private final ReefDrawing reef;
    private final double k;
    private final double left;
    private final double top;
    private final double length;
    private final double floor;
    private final Swimmers places;
    private final Svg svg = new Svg();

    /**
     * What is wanted of it.
     *
     * @param title   the name of the tank, or what stands for it
     * @param arrows  all of them instead of the worst
     * @param grounds all of them instead of those of bullies
     */
    record Wanted(String title, LocalDate day, int arrowsFrom, boolean arrows, boolean grounds) {}

    PictureDrawing(ReefscapeViews.View view, List<Layer> layers, Wanted wanted) {
        this.layers = layers;
        this.wanted = wanted;
        this.view = view;
        this.outlook = view.outlook();
        this.day = wanted.day();
        this.arrowsFrom = Math.max(1, wanted.arrowsFrom());
        this.reef = new ReefDrawing(view.opened().plan().tank(), view.opened().say());
        this.length = view.opened().plan().tank().lengthCm();
        this.floor = view.opened().plan().tank().frontHeightCm();
        this.places = new Swimmers(outlook, view.opened().plan().tank());
        this.k = (WIDE - 2 * MARGIN) / reef.box()[2];
        this.left = MARGIN - reef.box()[0] * k;
        this.top = TITLE - reef.box()[1] * k;
    }

    String draw() {
        double high = TITLE + reef.box()[3] * k + LEGEND;
        svg.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "viewBox",
                "0 0 " + Svg.num(WIDE) + " " + Svg.num(high),
                "width",
                WIDE,
                "height",
                Math.round(high),
                "font-family",
                "'Atkinson Hyperlegible Next', sans-serif");
        svg.open("title")
                .add(Svg.escape(view.opened().say().text("page.reefscape.on", wanted.title(), day)))
                .close("title");
        svg.add("<style>@font-face{font-family:'Atkinson Hyperlegible Next';font-weight:200 "
                + "800;src:url(data:font/woff2;base64,"
                + font("atkinson-hyperlegible-next")
                + ")}@font-face{font-family:'Bricolage Grotesque';font-weight:200 "
                + "800;src:url(data:font/woff2;base64,"
                + font("bricolage-grotesque") + ")}</style>");
        svg.el("rect", "width", WIDE, "height", high, "fill", "#edf1ef");
        svg.text(
                MARGIN,
                62,
                wanted.title(),
                "font-family",
                "'Bricolage Grotesque', sans-serif",
                "font-size",
                44,
                "font-weight",
                700,
                "fill",
                "#10272c");
        List<Swimmer> swimmers = places.on(day);
        int fish = swimmers.stream().mapToInt(s -> s.presence().party().count()).sum();
        svg.text(
                WIDE - MARGIN,
                62,
                view.opened().say().text("page.reefscape.dayAndFish", day, fish),
                "font-size",
                30,
                "fill",
                "#10272c",
                "text-anchor",
                "end");
        svg.open("g", "transform", "translate(" + Svg.num(left) + " " + Svg.num(top) + ") scale(" + Svg.num(k) + ")");
        reef.still(svg, layers, Layer::inline);
        svg.close("g");
        List<Press> arrows = outlook.presses(day).stream()
                .filter(p -> p.index() >= arrowsFrom)
                .limit(wanted.arrows() ? MOST_ARROWS : FEW_ARROWS)
                .toList();
        grounds(swimmers, arrows);
        swimmers.forEach(this::fish);
        boxes();
        Map<String, Swimmer> byId = swimmers.stream()
                .collect(Collectors.toMap(s -> s.presence().party().id(), Function.identity()));
        arrows.forEach(p -> arrow(
                p,
                byId.get(p.aggressor().party().id()),
                byId.get(p.target().party().id())));
        names(swimmers);
        legend(high - LEGEND + 18, arrows.isEmpty());
        return svg.close("svg").toString();
    }

    private void grounds(List<Swimmer> swimmers, List<Press> arrows) {
        svg.open("defs");
        svg.open("clipPath", "id", "glass")
                .el("rect", "x", x(0), "y", y(0), "width", length * k, "height", floor * k)
                .close("clipPath");
        svg.add("<pattern id=\"overlap\" width=\"9\" height=\"9\" patternUnits=\"userSpaceOnUse\" "
                + "patternTransform=\"rotate(45)\"><line x1=\"0\" y1=\"0\" x2=\"0\" y2=\"9\" "
                + "stroke=\"#ffffff\" stroke-opacity=\".55\" stroke-width=\"2.2\"/></pattern>");
        for (Swimmer s : swimmers) {
            s.ground().ifPresent(g -> {
                svg.open("clipPath", "id", "g-" + s.presence().party().id());
                ellipse(g);
                svg.close("clipPath");
            });
        }
        svg.close("defs");
        svg.open("g", "clip-path", "url(#glass)");
        Set<String> bullies =
                arrows.stream().map(p -> p.aggressor().party().id()).collect(Collectors.toSet());
        for (Swimmer s : swimmers) {
            s.ground()
                    .filter(g -> wanted.grounds()
                            || bullies.contains(s.presence().party().id()))
                    .ifPresent(g -> ellipse(
                            g,
                            "fill",
                            "#ffffff",
                            "fill-opacity",
                            0.06,
                            "stroke",
                            "#ffffff",
                            "stroke-opacity",
                            0.5,
                            "stroke-dasharray",
                            "6 6",
                            "stroke-width",
                            1.6));
        }
        Map<String, Ellipse> byId = swimmers.stream()
                .filter(s -> s.ground().isPresent())
                .collect(Collectors.toMap(
                        s -> s.presence().party().id(), s -> s.ground().get()));
        for (Press p : arrows) {
            Ellipse one = byId.get(p.aggressor().party().id());
            if (one != null && byId.containsKey(p.target().party().id())) {
                ellipse(
                        one,
                        "fill",
                        "url(#overlap)",
                        "clip-path",
                        "url(#g-" + p.target().party().id() + ")");
            }
        }
        svg.close("g");
    }

    private void ellipse(Ellipse g, Object... attributes) {
        List<Object> all = new ArrayList<>(
                List.of("cx", x(g.xCm()), "cy", y(floor - g.yCm()), "rx", g.rx() * k, "ry", g.ry() * k));
        all.addAll(List.of(attributes));
        svg.el("ellipse", all.toArray());
    }

    private void boxes() {
        svg.open("g", "transform", "translate(" + Svg.num(left) + " " + Svg.num(top) + ") scale(" + Svg.num(k) + ")");
        Boxes.of(
                        view.opened().assessment().arrivals().steps(),
                        view.opened().plan().tank())
                .stream()
                .filter(b -> b.there(day))
                .forEach(b -> svg.add(Boxes.whole(b, day, "b" + b.party().id())));
        svg.close("g");
    }

    private void fish(Swimmer s) {
        String id = "p" + s.presence().party().id() + "-";
        int i = 0;
        for (Swimmers.Member m : places.members(s)) {
            double shift = (0.5 - s.stance().shown()) * s.cm() * k;
            boolean hole = s.stance().shown() < 1;
            svg.open(
                    "g",
                    "transform",
                    "translate(" + at(x(m.x()), y(m.y())) + ")" + (m.right() ? "scale(-1 1)" : ""),
                    "clip-path",
                    hole ? "url(#hole-" + id + i + ")" : "none");
            if (hole) {
                svg.open("clipPath", "id", "hole-" + id + i);
                svg.el("rect", "x", -s.cm() * k, "y", -s.half() * k, "width", s.cm() * k, "height", 2 * s.half() * k);
                svg.close("clipPath");
            }
            svg.add(FishDrawing.at(s.look(), hole ? shift : 0, 0, s.cm() * k, id + i));
            svg.close("g");
            if (hole) {
                svg.open("g", "transform", "translate(" + at(x(m.x()), y(m.y())) + ")");
                Swimmers.mouthOfHole(svg, s.cm() * k);
                svg.close("g");
            }
            i++;
        }
    }

    private void arrow(Press p, Swimmer from, Swimmer to) {
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        double far = Math.max(1, Math.hypot(dx, dy));
        double bend = Math.min(0.35 * far, 90 / k) * (dx >= 0 ? 1 : -1);
        double[] mid = {(from.x() + to.x()) / 2 + dy / far * bend, (from.y() + to.y()) / 2 - dx / far * bend};
        double[] start = curve(from, mid, to, Math.min(0.3, from.cm() * 0.3 / far));
        double[] tip = curve(from, mid, to, 1 - Math.min(0.32, to.cm() * 0.35 / far));
        double angle = Math.atan2(tip[1] - mid[1], tip[0] - mid[0]);
        double wide = 3 + p.index() / 11;
        double head = 9 + 2.2 * wide;
        double endX = x(tip[0]) - Math.cos(angle) * head * 0.8;
        double endY = y(tip[1]) - Math.sin(angle) * head * 0.8;
        String line = "M" + at(x(start[0]), y(start[1])) + "Q" + at(x(mid[0]), y(mid[1])) + at(endX, endY);
        String point = "M" + at(x(tip[0]), y(tip[1])) + "L"
                + at(x(tip[0]) - head * Math.cos(angle - 0.45), y(tip[1]) - head * Math.sin(angle - 0.45)) + "L"
                + at(x(tip[0]) - head * Math.cos(angle + 0.45), y(tip[1]) - head * Math.sin(angle + 0.45)) + "Z";
        String ink = INKS.get(p.step());
        svg.el(
                "path",
                "d",
                line,
                "fill",
                "none",
                "stroke",
                "#041a1f",
                "stroke-opacity",
                0.55,
                "stroke-width",
                wide + 5,
                "stroke-linecap",
                "round");
        svg.el("path", "d", line, "fill", "none", "stroke", ink, "stroke-width", wide, "stroke-linecap", "round");
        svg.el("path", "d", point, "fill", ink);
        double[] m = {0.25 * start[0] + 0.5 * mid[0] + 0.25 * tip[0], 0.25 * start[1] + 0.5 * mid[1] + 0.25 * tip[1]};
        svg.el("ellipse", "cx", x(m[0]), "cy", y(m[1]), "rx", 30, "ry", 19, "fill", "#041a1f", "fill-opacity", 0.85);
        wave(p.step(), x(m[0]) - 20, y(m[1]) - 10.5, 40, ink);
    }

    private void wave(Step step, double x, double y, double wide, String ink) {
        svg.open(
                        "g",
                        "fill",
                        "none",
                        "stroke",
                        ink,
                        "stroke-width",
                        2.6,
                        "stroke-linecap",
                        "round",
                        "stroke-linejoin",
                        "round")
                .add(Waves.at(step, x, y, wide))
                .close("g");
    }

    private static double[] curve(Swimmer a, double[] m, Swimmer b, double t) {
        double s = 1 - t;
        return new double[] {
            s * s * a.x() + 2 * s * t * m[0] + t * t * b.x(), s * s * a.y() + 2 * s * t * m[1] + t * t * b.y()
        };
    }

    private void names(List<Swimmer> swimmers) {
        List<double[]> taken = new ArrayList<>();
        List<double[]> bodies = swimmers.stream()
                .map(s -> new double[] {
                    x(s.x() - s.cm() / 2), y(s.y() - s.half() * 0.7), x(s.x() + s.cm() / 2), y(s.y() + s.half() * 0.7)
                })
                .toList();
        for (Swimmer s : swimmers) {
            String text = view.opened().say().of(s.presence().party());
            double wide = text.length() * 11.5;
            double x = Swimmers.within(x(s.x()), x(0) + wide / 2, x(length) - wide / 2);
            double spread = s.presence().party().count() > 1
                    ? Math.sqrt(s.presence().party().count() - 1) * s.cm() * 0.57
                    : 0;
            List<double[]> free = DoubleStream.of(
                            y(s.y() + s.half() * 0.75 + spread) + 26,
                            y(s.y() - s.half() * 0.75 - spread) - 8,
                            y(s.y() + s.half() * 0.75) + 26)
                    .filter(y -> y > y(0) + 22 && y < y(floor) + 8)
                    .mapToObj(y -> new double[] {x - wide / 2, y - 22, x + wide / 2, y + 4})
                    .filter(box -> taken.stream().noneMatch(t -> meet(t, box)))
                    .toList();
            free.stream()
                    .filter(box -> bodies.stream().noneMatch(b -> meet(b, box)))
                    .findFirst()
                    .or(() -> free.stream().findFirst())
                    .ifPresent(box -> {
                        taken.add(box);
                        svg.text(
                                x,
                                box[3] - 4,
                                text,
                                "text-anchor",
                                "middle",
                                "font-size",
                                23,
                                "fill",
                                "#f2faf8",
                                "stroke",
                                "#041a1f",
                                "stroke-opacity",
                                0.75,
                                "stroke-width",
                                5,
                                "paint-order",
                                "stroke",
                                "stroke-linejoin",
                                "round");
                    });
        }
    }

    private static boolean meet(double[] a, double[] b) {
        return a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
    }

    private void legend(double y, boolean noArrows) {
        double x = MARGIN;
        for (Step step : Step.values()) {
            wave(step, x, y - 14, 40, WORDS.get(step));
            svg.text(
                    x + 50,
                    y + 4,
                    view.opened().say().title(step),
                    "font-size",
                    24,
                    "font-weight",
                    700,
                    "fill",
                    WORDS.get(step));
            x += 150;
        }
        svg.text(
                x,
                y + 4,
                noArrows ? view.opened().say().text("page.reefscape.noArrows", arrowsFrom) : whichArrows(),
                "font-size",
                24,
                "fill",
                "#526a6d");
        svg.text(
                MARGIN,
                y + 52,
                view.opened()
                        .say()
                        .text(
                                "page.reefscape.fishRockAndTankToScaleIn",
                                view.opened().say().lengthUnit()),
                "font-size",
                22,
                "fill",
                "#526a6d");
        svg.text(
                WIDE - MARGIN,
                y + 52,
                "Pelluna",
                "font-size",
                24,
                "font-weight",
                700,
                "text-anchor",
                "end",
                "fill",
                "#10272c",
                "font-family",
                "'Bricolage Grotesque', sans-serif");
    }

    private String whichArrows() {
        return wanted.arrows()
                ? view.opened().say().text("page.reefscape.arrowsFromTo", arrowsFrom)
                : view.opened().say().text("page.reefscape.worstArrows", arrowsFrom);
    }

    private double x(double cm) {
        return left + cm * k;
    }

    private double y(double cm) {
        return top + cm * k;
    }

    private static String at(double x, double y) {
        return Svg.num(x) + " " + Svg.num(y) + " ";
    }

    private static String font(String name) {
        try (InputStream in =
                PictureDrawing.class.getResourceAsStream("/static/fonts/" + name + "-latin-wght-normal.woff2")) {
            return Base64.getEncoder().encodeToString(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
