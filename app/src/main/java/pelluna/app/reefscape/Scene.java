package pelluna.app.reefscape;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.scenery.ReefDrawing;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;
import pelluna.core.grounds.Ellipse;
import pelluna.core.grounds.Homes;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Party;
import pelluna.core.scenery.Stance;
import pelluna.core.tank.Tank;
import pelluna.core.units.Convert;
import pelluna.core.units.Rounding;
import pelluna.words.Words;

/**
 * What the browser needs to draw the tank on any day without asking: every fish with its lengths on days that lie
 * closer in
 * the beginning (the k-th of n at (k ÷ n)² of the plan's life), drawn straight between them.
 */
final class Scene {
    private static final int SAMPLES = 60;
    private static final int MOST_PRESSES = 80;

    private final ReefscapeViews.View view;
    private final LocalDate start;
    private final long days;

    Scene(ReefscapeViews.View view) {
        this.view = view;
        this.start = view.opened().plan().startOn();
        this.days = ChronoUnit.DAYS.between(start, view.end());
    }

    /**
     * The whole of it.
     *
     * @param start      first day of the plan
     * @param day        the day that is shown first, days after the start
     * @param sand       its depth, cm
     * @param perUnit    cm in a unit of the reader
     * @param arrowsFrom tension from which an arrow is drawn
     * @param chosen     key of the chosen pair; null without
     */
    record Whole(
            LocalDate start,
            long days,
            long day,
            String base,
            double[] box,
            double length,
            double floor,
            double sand,
            double perUnit,
            String unit,
            int arrowsFrom,
            String chosen,
            List<Swimmer> fish,
            List<Happens> changes,
            List<Waits> boxes,
            OnDay now) {}

    /** A newcomer in the box between two days. @param x left side of the box, cm @param length of the fish, cm */
    record Waits(
            String name,
            long from,
            long until,
            double x,
            double wide,
            double high,
            String picture,
            double half,
            double length) {}

    /** Something that happens on the way. */
    record Happens(long day, String says) {}

    /**
     * A party; null for what it has not.
     *
     * @param half    half of its height by its length
     * @param lengths cm on the sampled days
     * @param grounds half the width of its ground on the same days, cm, 0 for none
     * @param flat    height of its ground by its width
     * @param right   whether it looks to the right
     * @param rests   what it lies on, cm above the floor
     * @param belly   half of its height without fins, by its length
     * @param shown   the share of it that is out of its hole
     */
    record Swimmer(
            String id,
            String name,
            int count,
            long from,
            String picture,
            double half,
            String youngPicture,
            Double youngUntil,
            Double youngHalf,
            List<Double> lengths,
            List<Double> grounds,
            double flat,
            boolean right,
            Double rests,
            double belly,
            double shown) {}

    /** Who presses whom on a day, and where everybody is at home, cm from the left and above the floor. */
    record OnDay(LocalDate day, List<Presses> presses, Map<String, Home> homes) {}

    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    @JsonPropertyOrder({"aggressor", "target", "index", "step"})
    record Presses(String aggressor, String target, double index, String step) {}

    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    @JsonPropertyOrder({"x", "y"})
    record Home(double x, double y) {}

    Whole on(LocalDate day, int arrowsFrom, String chosen) {
        Words say = view.opened().say();
        Tank tank = view.opened().plan().tank();
        return new Whole(
                start,
                days,
                ChronoUnit.DAYS.between(start, day),
                "/tanks/" + view.opened().tank().id() + "/reefscape",
                new ReefDrawing(tank, say).box(),
                tank.lengthCm(),
                tank.frontHeightCm(),
                tank.sandDepthCm(),
                say.us() ? Convert.CM_PER_INCH : 1,
                say.lengthUnit(),
                arrowsFrom,
                chosen,
                view.outlook().everybody().stream().map(this::swimmer).toList(),
                view.changes().stream()
                        .map(c -> new Happens(ChronoUnit.DAYS.between(start, c.on()), say.of(c.event())))
                        .toList(),
                Boxes.of(view.opened().assessment().arrivals().steps(), tank).stream()
                        .map(this::waits)
                        .toList(),
                day(view.outlook(), day, chosen));
    }

    private Waits waits(Boxes.Box b) {
        double cm = b.party().lengthOn(b.from());
        Look look = b.party().species().lookAt(cm);
        return new Waits(
                view.opened().say().of(b.party()),
                ChronoUnit.DAYS.between(start, b.from()),
                ChronoUnit.DAYS.between(start, b.until()),
                Rounding.to(2, b.x()),
                Rounding.to(2, b.wide()),
                Rounding.to(2, b.high()),
                FishDrawing.href(b.party().species(), look),
                half(look),
                Rounding.to(2, cm));
    }

    /** Who presses whom on a day, as many as can be drawn and the chosen pair, and where everybody is. */
    static OnDay day(Outlook outlook, LocalDate day, String chosen) {
        List<Presses> presses = new ArrayList<>();
        for (Press p : outlook.presses(day)) {
            if (p.index() >= 1
                    && (presses.size() < MOST_PRESSES || ReefscapePage.key(p).equals(chosen))) {
                presses.add(new Presses(
                        p.aggressor().party().id(),
                        p.target().party().id(),
                        Rounding.to(1, p.index()),
                        p.step().word()));
            }
        }
        Map<String, Home> homes = new LinkedHashMap<>();
        for (Presence p : outlook.everybody()) {
            Homes.Home home = outlook.homes().of(p.party());
            homes.put(p.party().id(), new Home(Rounding.to(2, home.xCm()), Rounding.to(2, home.yCm())));
        }
        return new OnDay(day, presses, homes);
    }

    private Swimmer swimmer(Presence p) {
        Party party = p.party();
        Species s = party.species();
        Optional<Species.Young> young = s.appearance().young();
        List<Double> lengths = new ArrayList<>();
        List<Double> grounds = new ArrayList<>();
        double flat = 0;
        for (int k = 0; k <= SAMPLES; k++) {
            double cm = party.lengthOn(start.plusDays(Math.round(days * Math.pow((double) k / SAMPLES, 2))));
            lengths.add(Rounding.to(2, cm));
            Ellipse ground = view.outlook().grounds().of(party, cm).orElse(null);
            grounds.add(ground == null ? 0 : Rounding.to(2, ground.rx()));
            flat = ground == null ? 0 : ground.ry() / ground.rx();
        }
        Stance stance = stance(view.outlook(), party, view.opened().plan().tank());
        return new Swimmer(
                party.id(),
                view.opened().say().of(s),
                party.count(),
                ChronoUnit.DAYS.between(start, p.from()),
                FishDrawing.href(s),
                half(s.look()),
                young.map(y -> FishDrawing.href(s, y.look())).orElse(null),
                young.map(Species.Young::untilCm).orElse(null),
                young.map(y -> half(y.look())).orElse(null),
                lengths,
                grounds,
                Rounding.to(3, flat),
                stance.right(),
                stance.rests().isPresent() ? Rounding.to(2, stance.rests().getAsDouble()) : null,
                Rounding.to(3, s.look().form().depthShare() / 2),
                stance.shown());
    }

    /** How one of the company is shown at its home. */
    static Stance stance(Outlook outlook, Party party, Tank tank) {
        Homes.Home home = outlook.homes().of(party);
        Species s = party.species();
        return Stance.of(s.look(), s.place().zones(), home.xCm(), home.yCm(), tank);
    }

    private static double half(Look look) {
        return Rounding.to(4, FishDrawing.halfHeight(look));
    }
}
