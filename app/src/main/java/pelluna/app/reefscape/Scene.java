package pelluna.app.reefscape;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.ReefDrawing;
import pelluna.app.species.Paths;
import pelluna.core.catalogue.Species;
import pelluna.core.grounds.Ellipse;
import pelluna.core.grounds.Homes;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Party;
import pelluna.words.Measures;
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

    Map<String, Object> tree(LocalDate day, int arrowsFrom, String chosen) {
        Words say = view.opened().say();
        ReefDrawing drawing = new ReefDrawing(view.opened().plan().tank(), say);
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("start", start.toString());
        tree.put("days", days);
        tree.put("day", ChronoUnit.DAYS.between(start, day));
        tree.put("base", "/tanks/" + view.opened().tank().id() + "/reefscape");
        tree.put("box", drawing.box());
        tree.put("length", view.opened().plan().tank().lengthCm());
        tree.put("floor", view.opened().plan().tank().frontHeightCm());
        tree.put("perUnit", say.us() ? pelluna.core.units.Convert.CM_PER_INCH : 1);
        tree.put("unit", say.lengthUnit());
        tree.put("arrowsFrom", arrowsFrom);
        tree.put("chosen", chosen);
        tree.put("fish", view.outlook().everybody().stream().map(this::fish).toList());
        tree.put(
                "changes",
                view.changes().stream()
                        .map(c -> Map.of("day", ChronoUnit.DAYS.between(start, c.on()), "says", say.of(c.event())))
                        .toList());
        tree.put("now", day(view.outlook(), day, chosen));
        return tree;
    }

    /** Who presses whom on a day, as many as can be drawn and the chosen pair, and where everybody is. */
    static Map<String, Object> day(Outlook outlook, LocalDate day, String chosen) {
        Map<String, Object> tree = new LinkedHashMap<>();
        List<Object> presses = new ArrayList<>();
        for (Press p : outlook.presses(day)) {
            if (p.index() >= 1
                    && (presses.size() < MOST_PRESSES || ReefscapePage.key(p).equals(chosen))) {
                presses.add(List.of(
                        p.aggressor().party().id(),
                        p.target().party().id(),
                        Measures.round(p.index(), 1),
                        p.step().word()));
            }
        }
        tree.put("day", day.toString());
        tree.put("presses", presses);
        Map<String, Object> homes = new LinkedHashMap<>();
        for (Presence p : outlook.everybody()) {
            Homes.Home home = outlook.homes().of(p.party());
            homes.put(p.party().id(), List.of(Measures.round(home.xCm(), 2), Measures.round(home.yCm(), 2)));
        }
        tree.put("homes", homes);
        return tree;
    }

    private Map<String, Object> fish(Presence p) {
        Party party = p.party();
        Species s = party.species();
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("id", party.id());
        tree.put("name", s.name());
        tree.put("count", party.count());
        tree.put("from", ChronoUnit.DAYS.between(start, p.from()));
        tree.put("picture", "/fish/" + Paths.of(s) + ".svg");
        tree.put("half", Measures.round(FishDrawing.halfHeight(s.look()), 4));
        s.appearance().young().ifPresent(y -> {
            tree.put("youngPicture", "/fish/" + Paths.of(s) + ".svg?young=true");
            tree.put("youngUntil", y.untilCm());
            tree.put("youngHalf", Measures.round(FishDrawing.halfHeight(y.look()), 4));
        });
        List<Double> lengths = new ArrayList<>();
        List<Double> grounds = new ArrayList<>();
        double flat = 0;
        for (int k = 0; k <= SAMPLES; k++) {
            double cm = party.lengthOn(start.plusDays(Math.round(days * Math.pow((double) k / SAMPLES, 2))));
            lengths.add(Measures.round(cm, 2));
            Ellipse ground = view.outlook().grounds().of(party, cm).orElse(null);
            grounds.add(ground == null ? 0 : Measures.round(ground.rx(), 2));
            flat = ground == null ? 0 : ground.ry() / ground.rx();
        }
        tree.put("lengths", lengths);
        tree.put("grounds", grounds);
        tree.put("flat", Measures.round(flat, 3));
        return tree;
    }
}
