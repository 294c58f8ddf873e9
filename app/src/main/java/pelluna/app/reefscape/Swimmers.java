package pelluna.app.reefscape;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.core.catalogue.Look;
import pelluna.core.grounds.Ellipse;
import pelluna.core.grounds.Homes;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.scenery.Stance;
import pelluna.core.tank.Tank;

/** Everybody in the tank on a day at its place, in cm from the left glass and below the surface. */
final class Swimmers {
    private static final double GOLDEN_ANGLE = 2.4;
    /** One of so many of a group looks the other way. */
    private static final int ODD_ONE = 5;

    private final Outlook outlook;
    private final double length;
    private final double floor;
    private final double sand;
    private final Tank tank;

    Swimmers(Outlook outlook, Tank tank) {
        this.outlook = outlook;
        this.tank = tank;
        this.length = tank.lengthCm();
        this.floor = tank.frontHeightCm();
        this.sand = tank.sandDepthCm();
    }

    /** A party. @param half of its height, cm */
    record Swimmer(
            Presence presence, double cm, double half, double x, double y, Stance stance, Optional<Ellipse> ground) {
        Look look() {
            return presence.party().species().lookAt(cm);
        }
    }

    /** One fish of a party. @param right whether it looks to the right */
    record Member(double x, double y, boolean right) {}

    /** The largest first, so that the small ones are painted over them. */
    List<Swimmer> on(LocalDate day) {
        List<Swimmer> all = new ArrayList<>();
        for (Presence p : outlook.on(day)) {
            double cm = p.party().lengthOn(day);
            Look look = p.party().species().lookAt(cm);
            double half = FishDrawing.halfHeight(look) * cm;
            Homes.Home home = outlook.homes().of(p.party());
            Stance stance = Scene.stance(outlook, p.party(), tank);
            // who looks out of a hole is there and nowhere else
            double side = stance.shown() < 1 ? 0 : cm / 2;
            double belly = 0.9 * look.form().depthShare() / 2 * cm;
            all.add(new Swimmer(
                    p,
                    cm,
                    half,
                    within(home.xCm(), side, length - side),
                    stance.rests().isPresent()
                            ? floor - stance.rests().getAsDouble() - belly
                            : within(floor - home.yCm(), half * 0.8, floor - half * 0.8),
                    stance,
                    outlook.grounds().of(p.party(), cm)));
        }
        return all.stream()
                .sorted(Comparator.comparingDouble(Swimmer::cm).reversed())
                .toList();
    }

    /** The fish of a party in a loose spiral around its place, the one at the place last. */
    List<Member> members(Swimmer s) {
        List<Member> all = new ArrayList<>();
        for (int i = s.presence().party().count() - 1; i >= 0; i--) {
            double far = Math.sqrt(i) * s.cm() * 0.95;
            double x = within(s.x() + far * Math.cos(i * GOLDEN_ANGLE) * 1.15, s.cm() / 2, length - s.cm() / 2);
            double y = within(
                    s.y() + far * Math.sin(i * GOLDEN_ANGLE) * 0.6, s.half() * 0.8, floor - sand - s.half() * 0.8);
            boolean odd = i % ODD_ONE == ODD_ONE - 1;
            all.add(new Member(x, i == 0 ? s.y() : y, s.stance().right() != odd));
        }
        return all;
    }

    /** The dark of a hole over the end of what is seen of who looks out of it, around the place where it is. */
    static void mouthOfHole(Svg svg, double cm) {
        svg.el(
                "ellipse",
                "cy",
                -0.008 * cm,
                "rx",
                0.022 * cm,
                "ry",
                0.052 * cm,
                "fill",
                "#040e11",
                "fill-opacity",
                0.94);
    }

    static double within(double value, double least, double most) {
        return least > most ? (least + most) / 2 : Math.max(least, Math.min(most, value));
    }
}
