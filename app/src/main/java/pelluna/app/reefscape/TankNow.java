package pelluna.app.reefscape;

import java.time.LocalDate;
import org.springframework.stereotype.Service;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.app.planning.OpenTank;
import pelluna.app.scenery.ReefDrawing;
import pelluna.app.scenery.Sceneries;
import pelluna.core.catalogue.Species;
import pelluna.core.outlook.Outlook;
import pelluna.core.tank.Tank;

/** The tank as it is on a day, with its fish, as a picture in a page; its layers are the Reefscape's. */
@Service
public class TankNow {
    private final Sceneries sceneries;

    TankNow(Sceneries sceneries) {
        this.sceneries = sceneries;
    }

    /** @param label what is seen, for those who do not see it */
    public String draw(OpenTank opened, LocalDate day, String label) {
        Tank tank = opened.plan().tank();
        Outlook outlook = opened.ahead().outlook();
        String base = Sceneries.base(opened.owned().id());
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "tank-now",
                "viewBox",
                "0 0 " + Svg.num(tank.lengthCm()) + " " + Svg.num(tank.frontHeightCm()),
                "preserveAspectRatio",
                "xMidYMax slice",
                "role",
                "img",
                "aria-label",
                label);
        new ReefDrawing(tank, opened.say()).bare(svg, sceneries.of(tank), l -> l.image(base));
        svg.open("g", "class", "tank-now-fish");
        Swimmers swimmers = new Swimmers(outlook, tank);
        for (Swimmers.Swimmer s : swimmers.on(day)) {
            swimmers.members(s).forEach(m -> svg.add(fish(s, m)));
        }
        Boxes.of(opened.assessment().arrivals().steps(), tank).stream()
                .filter(b -> b.there(day))
                .forEach(b -> svg.add(Boxes.withFile(b, day)));
        return svg.close("g").close("svg").toString();
    }

    private static String fish(Swimmers.Swimmer s, Swimmers.Member m) {
        Species species = s.presence().party().species();
        double wide = FishDrawing.SHARE_WIDE * s.cm();
        double left = FishDrawing.SHARE_BEFORE * s.cm() + s.cm() / 2;
        double out = s.stance().shown() < 1 ? (0.5 - s.stance().shown()) * s.cm() : 0;
        Svg svg = new Svg()
                .open(
                        "g",
                        "transform",
                        "translate(" + Svg.num(m.x()) + " " + Svg.num(m.y()) + ")" + (m.right() ? "scale(-1 1)" : ""));
        if (out > 0) {
            // what is behind the mouth of its hole is cut off: a drawing within ends there
            svg.open(
                    "svg",
                    "x",
                    -s.cm(),
                    "y",
                    -s.half(),
                    "width",
                    s.cm(),
                    "height",
                    2 * s.half(),
                    "viewBox",
                    Svg.num(-s.cm()) + " " + Svg.num(-s.half()) + " " + Svg.num(s.cm()) + " " + Svg.num(2 * s.half()));
        }
        svg.el(
                "image",
                "href",
                FishDrawing.href(species, s.look()),
                "x",
                out - left,
                "y",
                -s.half(),
                "width",
                wide,
                "height",
                2 * s.half());
        if (out > 0) {
            svg.close("svg");
            Swimmers.mouthOfHole(svg, s.cm());
        }
        return svg.close("g").toString();
    }
}
