package pelluna.core.search;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import pelluna.core.catalogue.Look;
import pelluna.core.units.Named;

/**
 * The colours that people ask for, read off the drawing of a fish: by hue, strength and how much of the fish they
 * cover.
 */
public enum Colour implements Named {
    RED,
    ORANGE,
    YELLOW,
    GREEN,
    BLUE,
    PURPLE,
    PINK,
    BROWN,
    BLACK,
    WHITE,
    GREY;

    /** A colour that covers less of a fish than this is not what it is asked for by. Pelluna's judgement. */
    private static final double LEAST_SHARE = 0.16;

    @Override
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /**
     * The colours that a fish would be described by. Shares are rough: marks over the body, fins and tail beside it.
     */
    static Set<Colour> of(Look look) {
        Map<Colour, Double> share = new EnumMap<>(Colour.class);
        double body = 0.7;
        for (Look.Mark mark : look.marks()) {
            double covers = Math.min(body - 0.1, cover(mark));
            if (covers > 0) {
                share.merge(of(mark.colour()), covers, Double::sum);
                body -= covers;
            }
        }
        share.merge(of(look.body()), body, Double::sum);
        share.merge(of(look.fins()), 0.14, Double::sum);
        share.merge(of(look.tail()), 0.1, Double::sum);
        Set<Colour> colours = EnumSet.noneOf(Colour.class);
        share.forEach((colour, covers) -> {
            if (covers >= LEAST_SHARE) {
                colours.add(colour);
            }
        });
        return colours;
    }

    private static double cover(Look.Mark m) {
        return 0.7
                * switch (m.kind()) {
                    case BAR -> m.at().get(1);
                    case STRIPE -> m.at().get(1) / 2;
                    case REAR -> Math.max(0, 0.85 - m.at().get(0));
                    case MASK -> m.at().get(0);
                    case BACK -> (m.at().get(0) + 1) / 2;
                    case BELLY -> (1 - m.at().get(0)) / 2;
                    case BARS, STRIPES -> Math.min(0.45, m.at().get(0) * m.at().get(1) * 0.6);
                    case MAZE -> 0.3;
                    case SPOTS -> Math.min(0.4, m.at().get(0) * m.at().get(1) * m.at().get(1) * 12);
                    case ROWS -> Math.min(0.4, m.at().get(0) * m.at().get(1) * m.at().get(1) * 24);
                    case PATCH -> Math.PI * m.at().get(2) * m.at().get(3) / 2;
                    case WEDGE -> 0.08;
                    case SPOT -> m.at().get(2) * m.at().get(2) * 9;
                    case LINE -> m.at().get(4) * 0.6;
                    case CURVE -> m.at().get(6) * 0.7;
                    case FRINGE, TAIL_EDGE -> 0.0;
                };
    }

    /** The word for a colour #rrggbb. Hue in degrees, limits set by eye. */
    static Colour of(String hex) {
        int r = Integer.parseInt(hex.substring(1, 3), 16);
        int g = Integer.parseInt(hex.substring(3, 5), 16);
        int b = Integer.parseInt(hex.substring(5, 7), 16);
        int most = Math.max(r, Math.max(g, b));
        int least = Math.min(r, Math.min(g, b));
        double light = (most + least) / 510.0;
        double strength = most == 0 ? 0 : (most - least) / (double) most;
        if (light < 0.16) {
            return BLACK;
        }
        if (strength < 0.16) {
            return light > 0.78 ? WHITE : GREY;
        }
        double hue = hue(r, g, b, most, least);
        if (light > 0.88 && strength < 0.22) {
            return WHITE;
        }
        if (hue >= 12 && hue < 52 && (light < 0.4 && strength < 0.85 || strength < 0.42)) {
            return light > 0.7 ? WHITE : BROWN;
        }
        if (hue < 14 || hue >= 345) {
            return light > 0.66 ? PINK : light < 0.26 && strength < 0.7 ? BROWN : RED;
        }
        return hue < 38
                ? light > 0.74 ? PINK : ORANGE
                : hue < 68
                        ? YELLOW
                        : hue < 168 ? GREEN : hue < 248 ? BLUE : hue < 300 ? PURPLE : light > 0.55 ? PINK : PURPLE;
    }

    private static double hue(int r, int g, int b, int most, int least) {
        double span = most - least;
        double hue = most == r
                ? 60 * ((g - b) / span)
                : most == g ? 60 * ((b - r) / span) + 120 : 60 * ((r - g) / span) + 240;
        return hue < 0 ? hue + 360 : hue;
    }
}
